<?php

declare(strict_types=1);

namespace KeepShare\Core\Keep;

use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Kit\CardBase;
use KeepShare\Core\Kit\Cardstock;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\DieCut;
use KeepShare\Core\Kit\Envelope;
use KeepShare\Core\Kit\Face;
use KeepShare\Core\Kit\Panel;
use KeepShare\Core\Kit\Serves;
use KeepShare\Core\Kit\SheetGood;
use KeepShare\Core\Kit\Weight;

/**
 * What a good gives if it is used for something else. The print inside an envelope is a panel, a base cut on its fold
 * is two, and the unprinted back of a die cut with words is a blank label.
 */
final readonly class Apart
{
    /**
     * @param  int  $each  how many of it one gives
     * @param  string  $how  what is done with one, such as "turn over"
     */
    private function __construct(public string $name, public SheetGood $good, public int $each, public string $how)
    {
    }

    /** Null if it gives nothing. */
    public static function of(Component $component): ?self
    {
        $good = $component->good;

        return match (true) {
            $good instanceof Envelope => self::liner($component->name, $good),
            $good instanceof CardBase => self::halves($component->name, $good),
            $good instanceof DieCut && $good->printed()->serves === Serves::Sentiment => new self(
                "Back of $component->name",
                Cardstock::of($good->printed()->size, Colour::fromHex('#ffffff')),
                1,
                'turn over',
            ),
            default => null,
        };
    }

    /** A component of its own, from $count goods taken apart. */
    public function component(string $id, int $count): Component
    {
        return Component::of($id, $this->name, $this->good, $this->each * $count);
    }

    private static function liner(string $name, Envelope $envelope): ?self
    {
        $liner = $envelope->liner;
        $size = $liner?->panelOf($envelope->size);

        return $liner === null || $size === null
            ? null
            : new self(
                "Liner of $name",
                Panel::of($size, $liner->face, Face::plain('outside', $envelope->colour)),
                1,
                'take apart',
            );
    }

    /**
     * The fold line is pressed flat, so each half is a panel as large as the front. It is no longer a blank for a base.
     */
    private static function halves(string $name, CardBase $base): self
    {
        return new self("Half of $name", $base->printed === null
            ? Cardstock::of($base->front, $base->colour, null, weight: Weight::Medium)
            : Panel::of($base->front, $base->printed, Face::plain('back', $base->colour)), 2, 'cut on the fold');
    }
}
