<?php

declare(strict_types=1);

namespace KeepShare\Core\Entry;

use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Kit\Finish;
use KeepShare\Core\Kit\Occasion;
use KeepShare\Core\Kit\Weight;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;

/** What has been understood of a line so far. */
final class Jotting
{
    public int $designs = 1;

    public ?int $each = null;

    public ?Size $size = null;

    public ?Length $length = null;

    public string $name = '';

    public bool $plenty = false;

    public bool $heavy = false;

    public ?Finish $finish = null;

    public ?Weight $weight = null;

    /** @var list<bool> whether each face is busy, in the order said */
    public array $busy = [];

    public bool $directional = false;

    /** @var list<Colour> */
    public array $colours = [];

    /** @var list<Occasion> */
    public array $occasions = [];
}
