<?php

declare(strict_types=1);

namespace KeepShare\Core\Bench;

/** The usual cautions of the craft. The instructions of each tool's maker come first. */
final class Cautions
{
    private const MAKER = 'The instructions of its maker come first.';

    public const BLADE = 'Cut away from your fingers; cap the blade or close it when you put it down. '.self::MAKER;

    public const MACHINE = 'Keep fingers, sleeves and long hair clear of the rollers. '.self::MAKER;

    public const HEAT = 'Heat tool and fresh powder are hot: keep off spray, hair and plastic, and let it cool. '.self::MAKER;

    public const SMALL = 'Small parts: keep them away from small children and pets.';

    public const INK = 'Air the room with solvent inks and markers. '.self::MAKER;

    public const GLUE = 'Spray adhesive only by an open window, in a box, and away from flame; let hot glue cool. '.self::MAKER;
}
