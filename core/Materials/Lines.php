<?php

declare(strict_types=1);

namespace KeepShare\Core\Materials;

use KeepShare\Core\Measure\Length;

/** The materials of a card as lines under headings, from which Markdown, plain text and a printed page are made. */
final readonly class Lines
{
    /** @param  array<string, list<string>>  $under  by heading; empty ones are left out */
    private function __construct(public string $title, public array $under)
    {
    }

    public static function of(CardMaterials $card, Measured $measured): self
    {
        return new self("Card $card->number: $card->title, {$measured->size($card->front)}", array_filter([
            'Cut' => array_map(static fn (CutPart $part): string => self::cut($part, $measured), $card->cuts),
            'Beside that' => $card->stuck,
            'Tools' => $card->tools,
            'Steps' => $card->steps,
            'Take care' => $card->cautions,
        ]));
    }

    /** "inner panel: 3 3/4 × 5 in of Wave, Sea glass side up; 1/8 in of what is under it shows all round". */
    private static function cut(CutPart $part, Measured $measured): string
    {
        $says = "$part->name: {$measured->size($part->size)} of $part->of";
        $says .= $part->face === null ? '' : ", $part->face up";
        $scores = array_map($measured->length(...), $part->scores);
        $says .= $scores === [] ? '' : ', scored at '.implode(' and ', $scores);
        $says .= $part->treated === [] ? '' : ', '.implode(', ', $part->treated);

        return $says.self::reveals($part, $measured);
    }

    private static function reveals(CutPart $part, Measured $measured): string
    {
        $units = array_unique(array_map(static fn (Length $one): int => $one->units, $part->reveals));
        if (count($part->reveals) === 4 && count($units) === 1) {
            return '; '.$measured->length(array_values($part->reveals)[0]).' shows all round';
        }
        $sides = [];
        foreach ($part->reveals as $side => $length) {
            $sides[] = $measured->length($length).' at the '.$side;
        }

        return $sides === [] ? '' : '; shows '.implode(', ', $sides);
    }
}
