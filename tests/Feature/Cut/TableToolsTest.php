<?php

namespace Tests\Feature\Cut;

use App\Models\CutPlan;
use App\Models\Kit;
use App\Models\Sheet;
use App\Models\SheetState;
use App\Models\Taking;
use Illuminate\Http\Client\Request;
use Illuminate\Support\Facades\Http;
use Tests\Browser\Support\Process;
use Tests\Feature\FeatureTestCase;
use Tools\Soak\Surroundings;

/** The stand-in label printer and motor cutter, and what is done with their answers. */
final class TableToolsTest extends FeatureTestCase
{
    private ?Process $tools = null;

    protected function tearDown(): void
    {
        $this->tools?->stop();
        parent::tearDown();
    }

    public function test_the_label_printer_shows_what_it_received(): void
    {
        $kit = $this->table();
        $this->startTools();
        $this->act($kit, 'cut/labels')->assertSessionHas('notice', '10 labels went to the label printer.');

        $shown = Http::get(config('services.table_tools').'/')->body();
        self::assertStringContainsString('<b>7</b>', $shown);
        self::assertStringContainsString('Harbour Lanterns', $shown);
        self::assertStringContainsString('focal point: ', $shown);
    }

    public function test_the_motor_cutter_cuts_to_measure_or_with_the_error_one_sets(): void
    {
        $kit = $this->table();
        $this->startTools();
        $right = $this->plan();
        $this->act($kit, "cut/$right->sheet_id/motor")->assertSessionHas('notice', 'The motor cutter cut the sheet to measure.');
        self::assertSame(SheetState::Cut, $right->sheet->fresh()?->state);
        $this->assertInBalance($kit);

        Http::get(config('services.table_tools').'/error/0.8');
        $off = $this->plan();
        $first = (int) $off->toCore()->pieces()[0]->piece;
        $width = $off->toCore()->pieces()[0]->rect()->size->width->units;
        $this->act($kit, "cut/$off->sheet_id/motor")->assertSessionHas(
            'notice',
            static fn (string $says): bool => str_starts_with($says, 'Planned again.'),
        );
        self::assertNull(Taking::query()->find($first)?->sheet_id);
        self::assertTrue(
            Sheet::query()
                ->where('parent_id', $off->sheet_id)
                ->where('state', SheetState::Open)
                ->where('width', $width - 6_400)
                ->exists(),
            'the piece that came out wrong is an offcut of its real size',
        );

        $this->act($kit, 'undo');
        self::assertSame(SheetState::Open, $off->sheet->fresh()?->state);
        $this->assertInBalance($kit);
    }

    public function test_a_tool_that_is_silent_or_sends_nonsense_records_nothing(): void
    {
        $kit = $this->table();
        $plan = $this->plan();
        config(['services.table_tools' => 'http://127.0.0.1:1']);
        $this->act($kit, "cut/$plan->sheet_id/motor")->assertSessionHasErrors('table');
        self::assertStringContainsString('motor cutter does not answer', session('errors')->first('table'));

        foreach (['nonsense', ['cut' => [['piece' => 4]]], ['cut' => [['piece' => '4', 'width' => 'wide', 'height' => '1']]]] as $answer) {
            Http::fake(['*' => static fn (Request $request) => Http::response($answer)]);
            $this->act($kit, "cut/$plan->sheet_id/motor")->assertSessionHasErrors('table');
        }
        self::assertSame(0, Taking::query()->whereNotNull('sheet_id')->count());
    }

    private function table(): Kit
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 10);

        return $kit;
    }

    private function plan(): CutPlan
    {
        return CutPlan::query()
            ->whereNull('cut_at')
            ->whereHas('sheet', static fn ($sheet) => $sheet->where('is_whole', true))
            ->with('sheet')
            ->firstOrFail();
    }

    private function startTools(): void
    {
        $port = Surroundings::freePort();
        $this->tools = new Process(
            [PHP_BINARY, '-S', "127.0.0.1:$port", 'standins/table-tools.php'],
            base_path(),
            [],
            storage_path('logs/table-tools.log'),
        );
        Surroundings::await($port);
        config(['services.table_tools' => "http://127.0.0.1:$port"]);
    }
}
