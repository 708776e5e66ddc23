<?php

namespace Tests\Feature\Card;

use App\Cut\CutSheets;
use App\Drawing\CutDrawing;
use App\Files\OnPaper;
use App\Files\Pdf;
use App\Files\PrintedSheet;
use App\Models\CutPlan;
use App\Models\Kit;
use App\Models\PrintPaper;
use App\Table\TableState;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Feature\FeatureTestCase;

/**
 * What fits the paper is printed in its real size.
 *
 * @phpstan-import-type DrawnSheet from CutDrawing
 */
final class OnPaperTest extends FeatureTestCase
{
    /** @return list<array{float, float, float, PrintPaper, OnPaper}> width and height, the room for labels, all in inches */
    public static function drawings(): array
    {
        return [
            [6, 6, 1.3, PrintPaper::Letter, OnPaper::WithLabels],
            [6, 6, 2.0, PrintPaper::Letter, OnPaper::WithLetters],
            [8, 8, 0.0, PrintPaper::Letter, OnPaper::OwnPage],
            [8, 8, 0.0, PrintPaper::A4, OnPaper::OwnPage],
            [8, 10, 1.0, PrintPaper::Letter, OnPaper::OwnPage],
            [10, 5, 0.0, PrintPaper::Letter, OnPaper::OwnPageTurned],
            [11, 8, 0.0, PrintPaper::A4, OnPaper::OwnPageTurned],
            [12, 6, 0.0, PrintPaper::A4, OnPaper::Smaller],
            [8.5, 11, 0.0, PrintPaper::Letter, OnPaper::Smaller],
            [12, 12, 0.0, PrintPaper::Letter, OnPaper::Smaller],
        ];
    }

    #[DataProvider('drawings')]
    public function test_it_is_drawn_smaller_only_where_the_paper_is_too_small(
        float $width,
        float $height,
        float $labels,
        PrintPaper $paper,
        OnPaper $placing,
    ): void {
        $bare = [25.4 * $width, 25.4 * $height];
        $labelled = [$bare[0] + 25.4 * $labels, $bare[1]];
        self::assertSame($placing, OnPaper::on($paper, $bare, $labelled, [OnPaper::width($paper), 190]));
    }

    public function test_a_sheet_with_a_page_of_its_own_says_beside_its_cuts_what_the_letters_on_it_stand_for(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 10);
        $sheet = $this->large($kit, 8);
        $printed = PrintedSheet::on(PrintPaper::A4, $sheet, TableState::of($kit)->core, 190);
        self::assertTrue($printed->isOwnPage());
        $picture = simplexml_load_string($printed->picture('the sheet'));
        self::assertNotFalse($picture);
        self::assertSame(['203.2mm', '203.2mm'], [(string) $picture['width'], (string) $picture['height']]);
        $written = array_map(strval(...), $picture->xpath('//*[local-name()="text"]') ?: []);
        foreach ($printed->drawing->said() as $said) {
            self::assertContains(explode(':', $said)[0], $written);
        }
        foreach ($sheet['parts'] as $part) {
            $all = implode(' ', [...$written, ...$printed->drawing->said()]);
            self::assertStringContainsString($part['measure'], $all);
        }
        $page = view('sheet-plan', ['kit' => $kit, 'sheet' => $sheet, 'printed' => $printed, 'shows' => 'the sheet'])->render();
        self::assertSame(2, Pdf::render($page, $kit->unit)->pages());
    }

    /** @return DrawnSheet a sheet of the kit as if it were a square of so many inches */
    private function large(Kit $kit, int $inches): array
    {
        $side = 6 * 203_200;
        $plan = CutPlan::query()->whereRelation('sheet', ['width' => $side, 'height' => $side])->with('sheet')->get()
            ->firstOrFail(static fn (CutPlan $one): bool => count($one->toCore()->cuts()) > 2);
        $sheet = CutSheets::of($kit, null)->exactly($plan->sheet_id) ?? self::fail('There is no such sheet.');
        $grow = static function (array &$box) use ($inches): void {
            foreach (array_intersect(array_keys($box), ['x', 'y', 'width', 'height', 'x1', 'y1', 'x2', 'y2']) as $key) {
                $box[$key] = intdiv($box[$key] * $inches, 6);
            }
        };
        $grow($sheet['size']);
        foreach ($sheet['parts'] as &$part) {
            $grow($part);
        }
        foreach ($sheet['cuts'] as &$cut) {
            $grow($cut['line']);
        }

        return $sheet;
    }
}
