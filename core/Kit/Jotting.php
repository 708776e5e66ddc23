<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

use Closure;
use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Colour\ColourWords;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Refusal;

/** What has been understood of a typed line, and the assumptions for the rest. */
final class Jotting
{
    /** The word for the kind, in the singular. */
    public string $word = '';

    public int $designs = 1;

    public ?int $each = null;

    public ?Size $size = null;

    public ?Length $length = null;

    /** As it was typed. Empty if it was not. */
    public string $typed = '';

    /** A measure that the kind does not have. It stays with the name: "6 mm". */
    public string $beside = '';

    /** The name of the component. */
    public string $name = '';

    /** Whether its name stood in quotation marks and is its text. */
    public bool $saysWords = false;

    public bool $plenty = false;

    /** @var list<string> what the line leaves open and was taken as is usual */
    public array $guesses = [];

    public ?Finish $finish = null;

    public ?Weight $weight = null;

    /** @var list<bool> whether each face is busy, in the order said */
    public array $busy = [];

    public bool $directional = false;

    /** @var list<Colour> */
    public array $colours = [];

    /** @var list<Occasion> */
    public array $occasions = [];

    /**
     * @param  Unit  $unit  of measures that name none
     * @param  Size  $front  of the kit's cards
     * @param  Closure(string): Refusal  $refusing  at the word that named the kind
     */
    private function __construct(public readonly Unit $unit, public readonly Size $front, private readonly Closure $refusing)
    {
    }

    /** @param  Closure(string): Refusal  $refusing */
    public static function in(Unit $unit, Size $front, Closure $refusing): self
    {
        return new self($unit, $front, $refusing);
    }

    public function refuse(string $message): Refusal
    {
        return ($this->refusing)($message);
    }

    /** The first colour in the line, or the colour of its name. */
    public function colour(string $else = '#d8d5cc'): Colour
    {
        return $this->colours[0] ?? ColourWords::in($this->name) ?? Colour::fromHex($else);
    }

    public function sizeOr(string $width, string $height, Unit $unit): Size
    {
        return $this->size ?? Size::parse($width, $height, $unit);
    }

    /** @return array{Face, Face} */
    public function faces(): array
    {
        $names = array_map(trim(...), explode('/', $this->typed === '' ? $this->name : $this->typed, 2));

        return [
            $this->face($names[0] === '' ? $this->name : $names[0], $names[0], 0),
            $this->face(($names[1] ?? '') === '' ? "$this->name, back" : $names[1], $names[1] ?? '', 1),
        ];
    }

    /** A picture, or words if it is for an occasion. */
    public function printed(): Printed
    {
        $named = Serves::tryFrom($this->word) ?? Serves::Image;
        $serves = $named === Serves::Image && $this->saysWords ? Serves::Sentiment : $named;
        $isWords = $serves === Serves::Sentiment;
        // A tag with a fox on it has the shape of a tag. A fox that is cut out has the shape of a fox.
        $isCutOut = $serves === Serves::Image;
        $shape = ($isCutOut ? Shape::named($this->name) : null)
            ?? Shape::tryFrom(mb_strtolower($this->name))
            ?? ($isCutOut ? Shape::Plain : Shape::tryFrom($serves->value) ?? Shape::Label);
        $usual = $isWords ? Size::parse('2 1/4', '1/2', Unit::Inch) : Size::parse('1 1/2', '1 3/4', Unit::Inch);
        $colours = $this->colours === [] ? [$this->colour(), Colour::fromHex('#33434d')] : $this->colours;
        $text = mb_strtolower(mb_substr($this->name, 0, 1)).mb_substr($this->name, 1);

        return Printed::of($this->size ?? $usual, $serves, $shape, $colours, $isWords ? $this->words($text) : null);
    }

    private function words(string $text): Words
    {
        return $this->occasions === [] ? Words::asTheySay($text) : Words::of($text, $this->occasions);
    }

    /** The colour of a print on its background: darker on a light one, lighter on a dark one. */
    private static function printOn(Colour $ground): Colour
    {
        return $ground->isLight() ? $ground->mixedWith(Colour::fromHex('#33434d'), 50) : $ground->mixedWith(Colour::fromHex('#ffffff'), 60);
    }

    private function face(string $name, string $said, int $index): Face
    {
        $motif = Motif::named($said) ?? Motif::Solid;
        $ground = $this->colours[$index] ?? ColourWords::in($said) ?? $this->colour();
        $hasPrints = $index === 0 && count($this->colours) > 2;

        return Face::printed(
            $name,
            $motif,
            [$ground, ...$hasPrints ? array_slice($this->colours, 2, 4) : [self::printOn($ground)]],
            $this->busy[$index] ?? $motif->isBusy(),
            $this->directional,
        );
    }
}
