<?php

namespace App\Shelf;

use App\Models\Kit;
use App\Models\PrintPaper;
use App\View\ChoiceView;
use App\View\Page;

/**
 * The properties of a kit, as they are typed, to be changed.
 *
 * @phpstan-import-type Choice from ChoiceView
 * @phpstan-import-type SidesByUnit from Fronts
 *
 * @phpstan-type AboutKit array{
 *     name: string,
 *     unit: 'in'|'mm',
 *     front_width: string,
 *     front_height: string,
 *     promised: string,
 *     price: string,
 *     currency: string,
 *     bought_on: string,
 *     theme: string,
 *     instructions: string,
 * }
 */
final readonly class AboutPage extends Page
{
    /**
     * @param  AboutKit  $about
     * @param  SidesByUnit  $fronts
     * @param  string  $paper  that all prints are made for; empty for that of the unit
     * @param  list<Choice>  $papers
     */
    private function __construct(
        public array $about,
        public array $fronts,
        public bool $isPutAway,
        public string $paper,
        public array $papers,
    ) {
    }

    public static function of(Kit $kit): self
    {
        $front = $kit->front();

        return new self([
            'name' => $kit->name,
            'unit' => $kit->unit->value,
            'front_width' => $front->width->exact($kit->unit),
            'front_height' => $front->height->exact($kit->unit),
            'promised' => (string) $kit->promised,
            'price' => $kit->price()?->amount() ?? '',
            'currency' => $kit->currency ?? '',
            'bought_on' => $kit->bought_on ?? '',
            'theme' => $kit->theme,
            'instructions' => $kit->instructions,
        ], Fronts::of($front), $kit->is_put_away, PrintPaper::chosen()->value ?? '', self::papers());
    }

    /** @return list<Choice> */
    private static function papers(): array
    {
        return ChoiceView::all(PrintPaper::cases(), static fn (PrintPaper $one): string => $one->label());
    }
}
