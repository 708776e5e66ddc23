<?php

namespace Tests\Feature\Tally;

use App\Models\Card;
use App\Models\CardPhoto;
use Illuminate\Http\UploadedFile;
use Tests\Feature\FeatureTestCase;

/** Notes on cards, the cards of all kits, and materials for other makers. */
final class PassedOnTest extends FeatureTestCase
{
    public function test_what_is_written_of_a_card_is_kept_field_by_field_and_taken_back(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 2);
        $card = $kit->cards()->firstOrFail();
        $path = "tally/cards/$card->id";
        $wrong = ['stars' => '6', 'minutes' => 'an hour', 'given_on' => '27.11.2026', 'given_to' => str_repeat('x', 121)];
        foreach ($wrong as $field => $value) {
            $this->act($kit, $path, ['field' => $field, 'value' => $value])->assertSessionHasErrors('value');
        }
        $this->act($kit, $path, ['field' => 'number', 'value' => '7'])->assertSessionHasErrors('field');
        $right = [
            'stars' => '4',
            'minutes' => '35',
            'given_to' => 'Aunt Ida',
            'given_on' => '2026-11-20',
            'went_wrong' => 'bent: a strip over it',
        ];
        foreach ($right as $field => $value) {
            $this->act($kit, $path, ['field' => $field, 'value' => $value])->assertSessionHasNoErrors();
        }
        $shown = $this->props("/kits/$kit->id/tally/cards")['cards'][0];
        self::assertSame(
            [4, '35', 'Aunt Ida', '2026-11-20', 'bent: a strip over it'],
            [$shown['stars'], $shown['minutes'], $shown['givenTo'], $shown['givenOn'], $shown['wentWrong']],
        );
        $this->act($kit, $path, ['field' => 'stars', 'value' => '']);
        self::assertNull($card->refresh()->stars);
        $this->act($kit, 'undo');
        self::assertSame(4, $card->refresh()->stars);
    }

    public function test_a_card_has_a_photograph_until_it_is_taken_off_or_the_card_goes(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 1);
        $card = $kit->cards()->firstOrFail();
        $path = "tally/cards/$card->id/photo";
        $this->act($kit, $path)->assertSessionHasErrors('photo');
        $broken = UploadedFile::fake()->createWithContent('card.jpg', 'no picture');
        $this->act($kit, $path, ['photo' => $broken])->assertSessionHasErrors('photo');
        $this->act($kit, $path, ['photo' => UploadedFile::fake()->image('card.jpg', 600, 800)])->assertSessionHasNoErrors();
        $photo = CardPhoto::query()->firstOrFail();
        $shown = $this->props("/kits/$kit->id/tally/cards")['cards'][0]['photo'];
        self::assertSame("/card-photos/$photo->id.jpg", $shown);
        $this->get($shown)->assertOk()->assertHeader('Content-Type', 'image/jpeg');
        $this->act($kit, 'grid/remove', ['card' => $card->id])->assertSessionHasNoErrors();
        self::assertSame(0, CardPhoto::query()->count());
        $this->act($kit, 'undo');
        self::assertSame(1, CardPhoto::query()->count());
        $this->delete("/kits/$kit->id/$path", ['revision' => $kit->fresh()?->revision])->assertSessionHasNoErrors();
        self::assertSame(0, CardPhoto::query()->count());
    }

    public function test_the_cards_of_all_kits_are_found_by_one_line(): void
    {
        self::assertSame(0, $this->props('/cards')['all'], 'none is made yet');
        $kit = $this->harbour();
        $this->shareOut($kit, 4);
        Card::query()->update(['made_at' => '2025-03-01 10:00:00']);
        $first = $kit->cards()->with('takings')->firstOrFail();
        $first->update(['given_to' => 'Aunt Ida', 'stars' => 5]);
        $all = $this->props('/cards');
        self::assertSame([4, 4], [$all['all'], $all['found']]);
        self::assertSame(3, array_sum(array_column($all['inHand'], 'cards')), 'what is given is not in hand');
        foreach (['harbour 2025' => 4, 'ida' => 1, '5 stars' => 1, 'harbour 2024' => 0, 'in-hand' => 3] as $line => $many) {
            self::assertSame($many, $this->props('/cards?find='.urlencode($line))['found'], $line);
        }
        $alike = $kit->cards()->where('occasion', $first->occasion->value)->count();
        self::assertGreaterThanOrEqual($alike, $this->props('/cards?find='.urlencode($first->occasion->label()))['found']);
        $kit->update(['is_deleted' => true]);
        self::assertSame(0, $this->props('/cards')['all']);
    }

    public function test_materials_of_chosen_cards_leave_as_markdown_text_and_print_in_both_units(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 3);
        self::assertCount(3, $this->props("/kits/$kit->id/tally/materials")['lists']);
        $page = $this->props("/kits/$kit->id/tally/materials?cards=2&both=1&paper=a4");
        self::assertSame([1, true, 'a4'], [count($page['lists']), $page['both'], $page['paper']]);
        $markdown = (string) $this->get("/kits/$kit->id/tally/materials.md?cards=2&both=1")->assertOk()->getContent();
        self::assertStringContainsString('## Card 2: ', $markdown);
        self::assertStringContainsString(' mm)', $markdown);
        self::assertStringNotContainsString('## Card 1: ', $markdown);
        self::assertStringNotContainsString(' mm)', (string) $this->get("/kits/$kit->id/tally/materials.txt")->assertOk()->getContent());
        $pdf = $this->get("/kits/$kit->id/tally/materials.pdf?cards=1&paper=a4")->assertOk();
        self::assertStringStartsWith('%PDF', (string) $pdf->getContent());
        self::assertSame([], $this->props("/kits/$kit->id/tally/materials?cards=99")['lists'], 'there is no card 99');
        $svg = (string) $this->get("/kits/$kit->id/tally/cards.svg")->assertOk()->getContent();
        self::assertSame(3, substr_count($svg, 'font-size="3.2"'));
        self::assertStringStartsWith('%PDF', (string) $this->get("/kits/$kit->id/tally/cards.pdf")->assertOk()->getContent());
    }
}
