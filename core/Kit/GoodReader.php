<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

use KeepShare\Core\Measure\Length;

/** Reads what is peculiar to each kind of component, from a file or a record. */
final class GoodReader
{
    /** @throws BadKit */
    public static function read(Kind $kind, Fields $fields): Good
    {
        return match ($kind) {
            Kind::Paper => self::paper($fields),
            Kind::Panel => self::panel($fields),
            Kind::Cardstock => Cardstock::of(
                $fields->size('size', self::sheet()),
                $fields->colour('colour'),
                $fields->has('back') ? $fields->colour('back') : null,
                $fields->choice('finish', Finish::class, Finish::Plain),
                $fields->choice('weight', Weight::class, Weight::Medium),
            ),
            Kind::Base => CardBase::of($fields->size('front', self::sheet()), $fields->choice('fold', FoldEdge::class, FoldEdge::Side), $fields->colour('colour'), $fields->has('printed') ? self::face($fields->object('printed')) : null),
            Kind::Envelope => Envelope::of($fields->size('size', self::sheet()), $fields->colour('colour'), $fields->has('liner') ? self::liner($fields->object('liner')) : null),
            Kind::DieCut => DieCut::of(self::printed($fields), $fields->flag('foil')),
            Kind::Sticker => Sticker::of(
                self::printed($fields),
                $fields->choice('stuff', StickerStuff::class, StickerStuff::Label),
                $fields->has('thickness') ? $fields->length('thickness') : null,
            ),
            Kind::LayeredPicture => LayeredPicture::of(self::printed($fields), max(2, $fields->count('layers', 12, 4))),
            Kind::Adhesive => Adhesive::of($fields->choice('form', AdhesiveForm::class), $fields->flag('plenty')),
            Kind::Embellishment => Embellishment::of($fields->colour('colour'), $fields->flag('plenty')),
            Kind::Ribbon => Ribbon::of($fields->colour('colour')),
            Kind::Foam => Foam::of($fields->length('thickness')),
            Kind::Stamp => Stamp::of($fields->size('size', self::sheet()), $fields->has('words') ? self::words($fields) : null),
            Kind::Tool => Tool::of(
                $fields->choice('tool', ToolKind::class),
                $fields->has('makes') ? $fields->size('makes', self::sheet()) : null,
                $fields->has('shape') ? $fields->choice('shape', Shape::class) : null,
                $fields->has('colour') ? $fields->colour('colour') : null,
                $fields->flag('directional'),
            ),
        };
    }

    /** The largest sheet, and so the largest anything, that Keep Share lays out. */
    private static function sheet(): Length
    {
        return Length::inches(24);
    }

    private static function paper(Fields $fields): Paper
    {
        [$front, $back] = self::faces($fields);

        return Paper::of($fields->size('size', self::sheet()), $front, $back, $fields->flag('heavy'));
    }

    private static function panel(Fields $fields): Panel
    {
        [$front, $back] = self::faces($fields);

        return Panel::of($fields->size('size', self::sheet()), $front, $back, max(1, $fields->count('onSheet', 100, 1)));
    }

    /** @return array{Face, Face} */
    private static function faces(Fields $fields): array
    {
        $faces = [];
        foreach ($fields->items('faces') as $i => $item) {
            $faces[] = self::face($fields->item('faces', $i, $item));
        }

        return count($faces) === 2
            ? [$faces[0], $faces[1]]
            : throw BadKit::at($fields->place('faces'), 'a paper has two faces; name both, even when one is plain.');
    }

    private static function face(Fields $face): Face
    {
        $read = Face::printed(
            $face->text('name'),
            $face->choice('motif', Motif::class),
            $face->colours('colours'),
            $face->flag('busy'),
            $face->flag('directional'),
            $face->flag('foil'),
        );
        $face->nothingElse();

        return $read;
    }

    private static function liner(Fields $liner): Liner
    {
        $read = Liner::of(self::face($liner->object('face')), $liner->length('margin'));
        $liner->nothingElse();

        return $read;
    }

    private static function printed(Fields $fields): Printed
    {
        $serves = $fields->choice('serves', Serves::class);
        $words = $serves === Serves::Sentiment || $fields->has('words') ? self::words($fields) : null;

        return Printed::of($fields->size('size', self::sheet()), $serves, $fields->choice('shape', Shape::class), $fields->colours('colours'), $words);
    }

    private static function words(Fields $fields): Words
    {
        $occasions = $fields->choices('occasions', Occasion::class);

        return $occasions === []
            ? throw BadKit::at($fields->place('occasions'), 'name at least one occasion the words are fit for.')
            : Words::of($fields->text('words'), $occasions);
    }
}
