<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;

/** The fields of one component in a file or a record, and what several kinds have in common. */
final readonly class GoodFields
{
    private function __construct(public Fields $fields)
    {
    }

    public static function of(Fields $fields): self
    {
        return new self($fields);
    }

    /** @throws BadKit when it is larger than the largest sheet that Keep Share lays out */
    public function size(string $key = 'size'): Size
    {
        return $this->fields->size($key, Length::inches(24));
    }

    public function has(string $key): bool
    {
        return $this->fields->has($key);
    }

    /**
     * Both faces of a paper.
     *
     * @return array{Face, Face}
     *
     * @throws BadKit
     */
    public function faces(): array
    {
        $faces = [];
        foreach ($this->fields->items('faces') as $i => $item) {
            $faces[] = self::face($this->fields->item('faces', $i, $item));
        }

        return count($faces) === 2
            ? [$faces[0], $faces[1]]
            : throw BadKit::at($this->fields->place('faces'), 'a paper has two faces; name both, even when one is plain.');
    }

    /** @throws BadKit */
    public static function face(Fields $face): Face
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

    /** @throws BadKit */
    public function printed(): Printed
    {
        $serves = $this->fields->choice('serves', Serves::class);
        $words = $serves === Serves::Sentiment || $this->fields->has('words') ? $this->words() : null;

        $shape = $this->fields->choice('shape', Shape::class);
        $printed = Printed::of($this->size(), $serves, $shape, $this->fields->colours('colours'), $words);

        return $this->fields->has('outline') ? $printed->cutAlong(CutLine::read($this->fields, 'outline')) : $printed;
    }

    /** @throws BadKit */
    public function words(): Words
    {
        $occasions = $this->fields->has('occasions') ? $this->fields->occasions('occasions') : [];
        $text = $this->fields->text('words');

        return $occasions === [] ? Words::asTheySay($text) : Words::of($text, $occasions);
    }
}
