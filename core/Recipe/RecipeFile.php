<?php

declare(strict_types=1);

namespace KeepShare\Core\Recipe;

use KeepShare\Core\Arrange\Arrangement;
use KeepShare\Core\Arrange\Arrangements;
use KeepShare\Core\Arrange\ArrangementWriter;
use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Treated;
use KeepShare\Core\Cut\SheetPlan;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Sketch\Focus;
use KeepShare\Core\Sketch\Sketch;
use KeepShare\Core\Sketch\Sketches;
use KeepShare\Core\Sketch\SketchWriter;

/** Writes the open format keepshare/recipe, version 1: docs/formats/recipe.md. */
final readonly class RecipeFile
{
    public const FORMAT = 'keepshare/recipe';

    public const VERSION = 1;

    public const MOST_BYTES = 2_000_000;

    private function __construct(private Recipe $recipe, private Unit $unit)
    {
    }

    /** @return array<string, mixed> */
    public static function write(Recipe $recipe): array
    {
        $file = new self($recipe, $recipe->unit);

        return [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'name' => $recipe->name,
            'unit' => $recipe->unit->value,
            'letters' => array_map($file->letter(...), $recipe->letters),
            'cards' => array_map($file->card(...), $recipe->cards),
        ];
    }

    public static function json(Recipe $recipe): string
    {
        return self::encode(self::write($recipe));
    }

    /** @param  array<string, mixed>  $written  as write() has it, with how it was made where that is known */
    public static function encode(array $written): string
    {
        $how = JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR;

        return json_encode($written, $how)."\n";
    }

    /** @return array<string, mixed> */
    private function letter(Letter $letter): array
    {
        return [
            'letter' => $letter->letter,
            'sheet' => $this->size($letter->sheet()),
            'front' => self::print($letter->front),
            'back' => self::print($letter->back),
            'cuts' => array_map(fn (SheetPlan $plan): array => TemplateTree::write($plan->root, $this->unit), $letter->plans),
        ];
    }

    /** @return array{print: string, up: bool} */
    private static function print(AskedPrint $print): array
    {
        return ['print' => match ($print->busy) {
            null => 'any',
            true => 'busy',
            false => 'calm',
        }, 'up' => $print->hasUp];
    }

    /** @return array<string, mixed> */
    private function card(Card $card): array
    {
        $papers = $cardstock = $treated = [];
        foreach ($card->takings as $taking) {
            if ($this->recipe->letter($taking->component) !== null) {
                $papers[$taking->part] = $taking->component.($taking->face === 1 ? ' back' : '');
            } else {
                $cardstock[$taking->part] = $taking->component;
            }
            $done = array_map(static fn (Treated $one): array => [
                'treatment' => $one->treatment,
                'option' => $one->option,
            ], $taking->treated);
            $treated = $done === [] ? $treated : [...$treated, $taking->part => $done];
        }

        return [
            'number' => $card->number,
            ...$this->sketch($card->sketch),
            'width' => $card->front->width->exact($this->unit),
            'height' => $card->front->height->exact($this->unit),
            'fold' => $card->fold->value,
            'occasion' => $card->occasion->value,
            ...$card->frame === null ? [] : ['frame' => $card->frame->exact($this->unit)],
            ...$card->set === null ? [] : ['set' => $card->set],
            ...self::arranged($card->arrangement),
            ...$papers === [] ? [] : ['papers' => $papers],
            ...$cardstock === [] ? [] : ['cardstock' => $cardstock],
            ...$treated === [] ? [] : ['treated' => $treated],
            ...$this->places($card),
        ];
    }

    /** @return array<string, mixed> by its name where it ships, in the manner it is made, or whole */
    private function sketch(Sketch $sketch): array
    {
        $isKnown = Sketches::manner($sketch->manner) == $sketch;

        return $isKnown ? ['sketch' => $sketch->manner] : ['sketch' => $sketch->name, 'design' => SketchWriter::write($sketch)];
    }

    /** @return array<string, mixed> */
    private static function arranged(?Arrangement $arrangement): array
    {
        return $arrangement === null ? [] : [
            'arrangement' => $arrangement->key,
            ...Arrangements::ships($arrangement) ? [] : ['arranged' => ArrangementWriter::write($arrangement)],
        ];
    }

    /**
     * How much room there is for a picture and words. It follows from the sketch, and is written for readers of the
     * file.
     *
     * @return array<string, mixed>
     */
    private function places(Card $card): array
    {
        $layout = $card->layout($this->unit);
        $isWordless = $card->sketch->focus === Focus::PaperAlone;

        return [
            ...$card->sketch->focus->isLean() ? [] : ['picture' => $this->size($layout->focal->size)],
            ...$isWordless ? [] : ['words' => $this->size($layout->sentiment->size)],
        ];
    }

    /** @return array{width: string, height: string} */
    private function size(Size $size): array
    {
        return ['width' => $size->width->exact($this->unit), 'height' => $size->height->exact($this->unit)];
    }
}
