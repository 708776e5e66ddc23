<?php

namespace Tests\Feature\Designs;

use App\Models\Kit;
use App\Models\OwnSketch;
use App\Table\TableState;
use KeepShare\Core\Sketch\Sketch;
use KeepShare\Core\Sketch\Sketches;
use KeepShare\Core\Sketch\SketchWriter;
use Tests\Feature\FeatureTestCase;

/** The maker's own sketches: copied, written, refused, used, deleted. */
final class OwnSketchTest extends FeatureTestCase
{
    public function test_a_sketch_is_copied_changed_and_kept(): void
    {
        $kit = $this->harbour();
        $page = $this->props("/kits/$kit->id/sketches/new?from=panel-on-mat");
        self::assertSame(
            ['Panel on a mat, my way', '1/8 in; 3 mm'],
            [$page['written']['name'], $page['written']['parts'][0]['relation']['measures']['reveal']],
        );

        $mine = $page['written'];
        $mine['name'] = 'Wide mat';
        $mine['parts'][1]['relation']['measures']['reveal'] = '1/2';
        $this->act($kit, 'sketches', ['sketch' => $mine])
            ->assertSessionHasNoErrors()
            ->assertRedirect("/kits/$kit->id/sketches?sketch=own-1");
        $shelf = $this->props("/kits/$kit->id/sketches?sketch=own-1");
        self::assertSame(
            ['Wide mat', '3 × 4 1/4', 1],
            [$shelf['chosen']['drawn']['name'], $shelf['chosen']['lines'][1]['size'], $shelf['own']],
        );
        self::assertCount(count(Sketches::all()) + 1, $shelf['shelf']);

        $this->act($kit, 'undo');
        self::assertCount(count(Sketches::all()), $this->props("/kits/$kit->id/sketches")['shelf']);
    }

    public function test_what_is_written_is_drawn_as_it_is_typed_and_faults_stand_at_their_place(): void
    {
        $kit = $this->harbour();
        $sketch = SketchWriter::write(Sketches::all()['panel-on-mat']);
        $draw = fn (array $sketch): array => $this->postJson("/kits/$kit->id/sketches/draw", [
            'sketch' => $sketch,
            'front' => 'A6',
            'lying' => true,
        ])
            ->assertOk()
            ->json();
        self::assertSame([1_184_000, []], [$draw($sketch)['drawn']['front']['width'], $draw($sketch)['faults']]);

        $eaten = $sketch;
        $eaten['parts'][1]['relation']['measures']['reveal'] = '4';
        self::assertSame(['parts.1.reveal'], array_keys($draw($eaten)['faults']));
        $round = $sketch;
        $round['parts'][0]['relation']['of'] = 'panel';
        self::assertSame(['parts.1.of'], array_keys($draw($round)['faults']));
        $many = [...$sketch, 'parts' => array_fill(0, 500, $sketch['parts'][0])];
        self::assertStringContainsString('500 parts', $draw($many)['faults']['parts']);
        self::assertNull($draw([])['drawn']);

        $this->act($kit, 'sketches', ['sketch' => $eaten])->assertSessionHasErrors('parts.1.reveal');
        self::assertSame(0, OwnSketch::query()->count());
    }

    public function test_cards_keep_their_sketch_when_it_changes_or_is_deleted(): void
    {
        $kit = $this->harbour();
        $mine = [...SketchWriter::write(Sketches::all()['panel-on-mat']), 'name' => 'Mine'];
        $this->act($kit, 'sketches', ['sketch' => $mine]);
        $this->shareOut($kit, 1);
        $card = $kit->cards()->firstOrFail();
        $this->act($kit, "cards/$card->id/sketch", ['sketch' => 'own-1'])->assertSessionHasNoErrors();
        $sizes = fn (): array => array_column($this->props("/kits/$kit->id/cards/$card->id")['parts'], 'size');
        $before = $sizes();

        $mine['parts'][0]['relation']['measures']['reveal'] = '1';
        $this->act($kit, 'sketches/1', ['sketch' => $mine])->assertSessionHasNoErrors();
        self::assertSame($before, $sizes());
        $this->delete("/kits/$kit->id/sketches/1", ['revision' => $kit->fresh()?->revision])->assertSessionHasNoErrors();
        self::assertSame([$before, 'Mine'], [$sizes(), $this->props("/kits/$kit->id/cards/$card->id")['front']['sketch']]);
        $this->assertInBalance($kit);
    }

    public function test_share_outs_may_use_a_written_sketch_and_every_kit_sees_it(): void
    {
        $kit = $this->harbour();
        $this->act($kit, 'sketches', ['sketch' => [...SketchWriter::write(Sketches::all()['plain-with-band']), 'name' => 'Mine']]);
        $hills = Kit::query()->where('name', 'Knitted Hills')->firstOrFail();

        self::assertContains('Mine', array_column($this->props("/kits/$hills->id/sketches")['shelf'], 'name'));
        self::assertContains(
            'own-1',
            array_map(static fn (Sketch $sketch): string => $sketch->key, TableState::of($hills)->table()->sketches),
        );
    }

    public function test_folds_are_shown_for_a_front_with_bases_out_of_a_sheet(): void
    {
        $kit = $this->harbour();
        $page = $this->props("/kits/$kit->id/folds?fold=gatefold");

        self::assertSame(
            ['8 1/2 × 5 1/2', ['2 1/8', '6 3/8']],
            [$page['parts'][0]['label'], array_column($page['parts'][0]['scores'], 'label')],
        );
        self::assertSame([2, 2, 1], array_column($page['sheets'], 'count'));
        self::assertStringContainsString('Fits an A2 envelope, 4 3/8 × 5 3/4 in.', $page['envelope']);
        self::assertSame('A6', $this->props("/kits/$kit->id/folds?fold=shaker&front=A6")['front']['key']);
        self::assertStringContainsString(
            'too small for this fold',
            $this->props("/kits/$kit->id/folds?fold=shaker&front=typed&width=1&height=1")['fault'],
        );
        self::assertSame('gatefold', $this->props("/kits/$kit->id/folds?fold=nonsense")['chosen']['key']);
    }
}
