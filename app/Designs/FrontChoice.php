<?php

namespace App\Designs;

use App\Models\Kit;
use App\View\ChoiceView;
use Illuminate\Http\Request;
use KeepShare\Core\Fold\StandardFront;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Refusal;

/**
 * The front of a page: that of the kit, one with a name, or a typed one, upright or lying.
 *
 * @phpstan-import-type Choice from ChoiceView
 *
 * @phpstan-type ChosenFront array{
 *     key: string,
 *     isLying: bool,
 *     width: string,
 *     height: string,
 *     fault: string|null,
 *     label: string,
 *     choices: list<Choice>,
 * }
 */
final readonly class FrontChoice
{
    /** Stands in the address for a typed front. */
    private const TYPED = 'typed';

    private const LONGEST_TEXT = 40;

    private function __construct(
        public Size $size,
        private string $key,
        private bool $isLying,
        private string $width,
        private string $height,
        private ?string $fault,
        private Kit $kit,
    ) {
    }

    public static function of(Kit $kit, Request $request): self
    {
        $key = $request->string('front')->toString();
        $isLying = $request->boolean('lying');
        $text = static fn (string $side): string => mb_substr($request->string($side)->toString(), 0, self::LONGEST_TEXT);
        [$width, $height] = [$text('width'), $text('height')];
        $fault = null;
        $named = StandardFront::tryFrom($key)?->size();
        $size = $named ?? $kit->front();
        if ($key === self::TYPED) {
            try {
                $size = Size::parse($width, $height, $kit->unit);
            } catch (Refusal $wrong) {
                $fault = $wrong->getMessage();
            }
        }
        $known = $key === self::TYPED || $named !== null ? $key : '';

        return new self($isLying ? $size->turned() : $size, $known, $isLying, $width, $height, $fault, $kit);
    }

    /** @return ChosenFront */
    public function toArray(): array
    {
        $unit = $this->kit->unit;
        $name = StandardFront::nameOf($this->size, $unit);
        $measures = $this->size->label($unit);
        $front = $this->kit->front();

        return [
            'key' => $this->key,
            'isLying' => $this->isLying,
            'width' => $this->width === '' ? $front->width->exact($unit) : $this->width,
            'height' => $this->height === '' ? $front->height->exact($unit) : $this->height,
            'fault' => $this->fault,
            'label' => $name === $measures ? $measures : "$name, $measures",
            'choices' => [
                ['key' => '', 'label' => 'that of the kit'],
                ...ChoiceView::all(
                    StandardFront::cases(),
                    static fn (StandardFront $one): string => "$one->value, ".$one->size()->label($unit),
                ),
                ['key' => self::TYPED, 'label' => 'another size'],
            ],
        ];
    }
}
