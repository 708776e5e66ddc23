<?php

namespace App\Recipes;

use App\Drawing\Mark;
use App\Drawing\Svg;
use App\Files\Media;
use App\Files\OfferedAt;
use App\Files\Pdf;
use App\Files\PrintedSheet;
use App\Files\RecipeExport;
use App\Models\Kit;
use App\Models\PrintPaper;
use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Kit\Slug;
use KeepShare\Core\Recipe\Recipe;

/** A page for each sheet, then the cards with their letters, then what else is needed. */
final class RecipePdf implements RecipeExport
{
    /** The greatest height of a template among the text, in millimetres. */
    private const HIGH = 165.0;

    /** The printed width of a card, in millimetres. */
    private const CARD = 38;

    public function path(): string
    {
        return 'recipe.pdf';
    }

    public function label(): string
    {
        return 'Print it (PDF)';
    }

    public function media(): Media
    {
        return Media::Pdf;
    }

    public function offeredAt(): OfferedAt
    {
        return OfferedAt::Recipe;
    }

    public function fileName(Recipe $recipe): string
    {
        return Slug::unique($recipe->name, []).'.pdf';
    }

    public function write(Kit $kit, Recipe $recipe): string
    {
        $html = view('recipe', [
            'recipe' => $recipe,
            'about' => RecipeView::about($recipe),
            'templates' => self::templates($recipe, PrintPaper::for($kit->unit)),
            'cards' => array_map(static fn (Card $card): array => self::card($recipe, $card), $recipe->cards),
            'wants' => RecipeView::wants($recipe),
        ])->render();

        return Pdf::render($html, $kit->unit)->bytes;
    }

    /** @return list<array{name: string, asks: string, printed: PrintedSheet, shows: string, cuts: list<mixed>}> */
    private static function templates(Recipe $recipe, PrintPaper $paper): array
    {
        $templates = [];
        foreach ($recipe->letters as $letter) {
            foreach (array_keys($letter->plans) as $n) {
                $view = TemplateView::of($recipe, $letter, $n);
                $templates[] = [
                    'name' => $view->name().", {$letter->sheet()->label($recipe->unit)}",
                    'asks' => "Front: {$letter->front->says()}. Back: {$letter->back->says()}.",
                    'printed' => PrintedSheet::on($paper, $view->drawn(), $recipe->components(), self::HIGH),
                    'shows' => "{$view->name()} with its pieces and its cuts",
                    'cuts' => $view->cuts(),
                ];
            }
        }

        return $templates;
    }

    /** @return array{number: int, sketch: string, front: string, papers: string, picture: string} */
    private static function card(Recipe $recipe, Card $card): array
    {
        $front = RecipeView::front($recipe, $card);
        [$width, $height] = [Mark::mm($front['size']['width']), Mark::mm($front['size']['height'])];
        $edge = sprintf('M0 0H%.3FV%.3FH0Z', $width, $height);
        $inside = sprintf('<rect width="%.3F" height="%.3F" fill="%s"/>', $width, $height, $front['base'])
            .Svg::of($front['marks'], $recipe->components())
            .Svg::path($edge, ['fill' => Mark::NONE, 'stroke' => '#1d2b33', 'stroke-width' => 0.3]);

        return [
            'number' => $card->number,
            'sketch' => $card->sketch->name,
            'front' => $card->front->label($recipe->unit),
            'papers' => implode(', ', array_map(
                static fn (Taking $one): string => "{$card->partName($one->part)} $one->component".($one->face === 1 ? ' back' : ''),
                $recipe->papersOf($card),
            )),
            'picture' => Svg::inline(Svg::document($width, $height, $inside, self::CARD / $width), "Card $card->number"),
        ];
    }
}
