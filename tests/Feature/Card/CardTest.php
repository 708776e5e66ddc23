<?php

namespace Tests\Feature\Card;

use App\Models\Card;
use App\Models\Component;
use App\Models\Kit;
use App\Models\Waiver;
use Tests\Feature\FeatureTestCase;

/** A card's own page, its prints, and ignored findings. */
final class CardTest extends FeatureTestCase
{
    public function test_a_card_shows_its_cuts_stack_and_what_is_stuck_on(): void
    {
        $card = $this->cards(10)->first() ?? self::fail('There is no card.');
        $page = $this->props("/kits/$card->kit_id/cards/$card->id");

        self::assertSame($card->takings()->whereNotNull('width')->count(), count($page['cuts']));
        self::assertSame($card->takings()->whereNull('width')->count(), count($page['stuck']));
        self::assertSame('4 × 5 1/4', $page['cuts'][0]['size']);
        self::assertSame(['1/8 all round', '0 in'], [$page['stack'][0]['reveal'], $page['stack'][0]['height']]);
        self::assertSame([], $page['front']['lacks']);
    }

    public function test_a_base_that_is_cut_says_where_it_is_scored(): void
    {
        $card = $this->cards(12, stash: true)->last() ?? self::fail('There is no card.');
        $cuts = array_column($this->props("/kits/$card->kit_id/cards/$card->id")['cuts'], 'score', 'part');

        self::assertContains($cuts['base'], ['4 1/4 in', '5 1/2 in']);
    }

    public function test_a_finding_is_counted_and_ignored_with_a_reason_and_stays_ignored(): void
    {
        $cards = $this->cards(10);
        $kit = Kit::query()->where('name', 'Harbour Lanterns')->firstOrFail();
        $card = $cards->first() ?? self::fail('There is no card.');
        $words = $card->takings()->where('part', 'sentiment')->firstOrFail()->component_id;
        $component = Component::query()->findOrFail($words);
        $component->update(['details' => [...$component->details, 'occasions' => ['sympathy']]]);
        $standing = fn (): int => $this->props("/kits/$kit->id/share-out")['cards'][0]['findings'];
        self::assertSame(1, $standing());

        $this->act($kit, "cards/$card->id/waive", ['check' => 'words-fit-occasion', 'why' => ''])->assertSessionHasErrors('why');
        $this->act($kit, "cards/$card->id/waive", ['check' => 'no-such-check', 'why' => 'x'])->assertSessionHasErrors('check');
        $this->act($kit, "cards/$card->id/waive", ['check' => 'words-fit-occasion', 'why' => 'she likes it'])->assertSessionHasNoErrors();
        self::assertSame([0, 'she likes it'], [$standing(), Waiver::query()->sole()->why]);

        $this->act($kit, 'undo');
        self::assertSame(1, $standing());
        $this->act($kit, 'redo');
        $this->shareOut($kit, 5);
        self::assertSame([5, 0], [$kit->cards()->count(), Waiver::query()->count()], 'taken apart with its card');
    }

    public function test_it_prints_as_one_page_and_as_a_front_in_real_size(): void
    {
        foreach ($this->cards(10)->take(2) as $card) {
            $pdf = (string) $this->get("/kits/$card->kit_id/cards/$card->id/plan.pdf")
                ->assertOk()
                ->assertHeader('Content-Type', 'application/pdf')
                ->getContent();
            self::assertStringStartsWith('%PDF', $pdf);
            self::assertSame(1, preg_match_all('#/Type /Page\b(?!s)#', $pdf), "card $card->number fits on one page");
        }
        $card = Card::query()->firstOrFail();
        foreach (
            [
                'fold' => ['fold' => 'shaker'],
                'sketch' => ['sketch' => 'six-tiles'],
                'notes' => ['notes' => str_repeat('Mind the foam. ', 100), 'isForAMan' => false],
            ] as $what => $with
        ) {
            $this->act($card->kit, "cards/$card->id/$what", $with)->assertSessionHasNoErrors();
        }
        $pdf = (string) $this->get("/kits/$card->kit_id/cards/$card->id/plan.pdf")->assertOk()->getContent();
        self::assertSame(1, preg_match_all('#/Type /Page\b(?!s)#', $pdf), 'also with many parts, a fold of many pieces and long notes');
        $svg = simplexml_load_string((string) $this->get("/kits/$card->kit_id/cards/$card->id/front.svg")->assertOk()->getContent());
        self::assertNotFalse($svg);
        self::assertSame(['107.950', '139.700'], [(string) $svg->rect['width'], (string) $svg->rect['height']]);
        self::assertSame("0 0 {$svg['width']} {$svg['height']}", self::inMillimetres($svg));
        $card->refresh();
        $takings = $card->takings()->whereNotNull('width')->count();
        self::assertGreaterThan($takings, count($svg->xpath('//*[local-name()="text"]') ?: []), 'every part is named');
        self::assertNotEmpty($svg->xpath('//*[local-name()="pattern"]/*[local-name()="path"]'), 'its papers are printed as on the page');
    }

    /** Its view box with units: a millimetre of the drawing is one on paper. */
    private static function inMillimetres(\SimpleXMLElement $svg): string
    {
        [, , $width, $height] = explode(' ', (string) $svg['viewBox']);

        return "0 0 {$width}mm {$height}mm";
    }

    public function test_a_card_belongs_to_its_kit(): void
    {
        $card = $this->cards(2)->first();
        $other = Kit::query()->where('name', 'Knitted Hills')->firstOrFail();

        $this->get("/kits/$other->id/cards/$card?->id")->assertNotFound();
    }

    /** @return \Illuminate\Database\Eloquent\Collection<int, Card> */
    private function cards(int $count, bool $stash = false): \Illuminate\Database\Eloquent\Collection
    {
        $kit = $this->harbour();
        $this->shareOut($kit, $count, $stash);

        return $kit->cards()->get();
    }
}
