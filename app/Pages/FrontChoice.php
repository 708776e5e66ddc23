<?php

namespace App\Pages;

use App\Models\Kit;
use Illuminate\Http\Request;
use KeepShare\Core\Fold\StandardFront;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Refusal;

/** The front a page is asked for: that of the kit, one with a name, or one that is typed; upright or lying. */
final readonly class FrontChoice
{
    /** What stands in the address for a front that is typed. */
    private const TYPED = 'typed';

    private function __construct(public Size $size, private string $key, private bool $isLying, private string $width, private string $height, private string $fault, private Kit $kit)
    {
    }

    public static function of(Kit $kit, Request $request): self
    {
        $key = $request->string('front')->toString();
        $isLying = $request->boolean('lying');
        [$width, $height] = [mb_substr($request->string('width')->toString(), 0, 40), mb_substr($request->string('height')->toString(), 0, 40)];
        $fault = '';
        $size = StandardFront::tryFrom($key)?->size() ?? $kit->front();
        if ($key === self::TYPED) {
            try {
                $size = Size::parse($width, $height, $kit->unit);
            } catch (Refusal $wrong) {
                $fault = $wrong->getMessage();
            }
        }

        return new self($isLying ? $size->turned() : $size, $key === self::TYPED || StandardFront::tryFrom($key) !== null ? $key : '', $isLying, $width, $height, $fault, $kit);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $unit = $this->kit->unit;

        return [
            'key' => $this->key,
            'isLying' => $this->isLying,
            'width' => $this->width === '' ? $this->kit->front()->width->exact($unit) : $this->width,
            'height' => $this->height === '' ? $this->kit->front()->height->exact($unit) : $this->height,
            'fault' => $this->fault === '' ? null : $this->fault,
            'label' => StandardFront::nameOf($this->size, $unit) === $this->size->label($unit) ? $this->size->label($unit) : StandardFront::nameOf($this->size, $unit).', '.$this->size->label($unit),
            'choices' => [
                ['key' => '', 'label' => 'that of the kit'],
                ...array_map(static fn (StandardFront $one): array => ['key' => $one->value, 'label' => "$one->value, ".$one->size()->label($unit)], StandardFront::cases()),
                ['key' => self::TYPED, 'label' => 'another size'],
            ],
        ];
    }
}
