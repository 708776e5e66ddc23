<?php

namespace Tests\Feature\People;

use App\Models\Card;
use App\Models\Day;
use App\Models\Kit;
use App\Models\Person;
use App\Models\PostLimit;
use App\Models\Solution;
use Illuminate\Http\UploadedFile;
use Opis\JsonSchema\Validator;
use Tests\Feature\FeatureTestCase;

/** Who gets which card, and files that are read again. */
final class PeopleTest extends FeatureTestCase
{
    public function test_a_day_gets_its_card_the_card_is_given_and_each_act_is_taken_back(): void
    {
        $this->travelTo('2026-11-27 10:00');
        $kit = $this->made(6);
        $page = $this->props('/people');
        self::assertSame('Dela Thorne', $page['coming'][0]['who']);
        self::assertStringStartsWith('late', $page['coming'][0]['send']);
        $ada = Day::query()->whereRelation('person', 'name', 'Ada Fenn')->firstOrFail();
        $chosen = $this->props("/people?day=$ada->id")['chosen'];
        self::assertSame('birthday', $chosen['cards'][0]['front']['occasion'], 'what suits comes first');
        $card = Card::query()->whereKey($chosen['cards'][0]['id'])->firstOrFail();
        $needs = $page['needs'];

        $revision = $kit->fresh()?->revision;
        $this->post("/people/days/$ada->id/card", ['card' => $card->id])->assertSessionHasNoErrors();
        self::assertGreaterThan($revision, $kit->fresh()?->revision, 'a page of the kit from before is stale');
        $page = $this->props("/people?day=$ada->id");
        self::assertSame($card->id, $page['chosen']['meant']['id']);
        self::assertNotSame($needs, $page['needs']);
        $bo = Day::query()->whereRelation('person', 'name', 'Bo and Ines Marlow')->firstOrFail();
        $this->post("/people/days/$bo->id/card", ['card' => $card->id])->assertSessionHasErrors('table');

        $this->post("/people/days/$ada->id/given")->assertSessionHasNoErrors();
        self::assertSame(['Ada Fenn', '2026-11-27'], [$card->refresh()->given_to, $card->given_on?->format('Y-m-d')]);
        $this->post("/people/days/$ada->id/given")->assertSessionHasErrors('table');
        $this->post('/undo')->assertSessionHasNoErrors();
        self::assertSame('', $card->refresh()->given_to);
        $this->delete("/people/days/$ada->id/card")->assertSessionHasNoErrors();
        self::assertNull($card->refresh()->meant_for_id);
        $this->post('/undo');
        self::assertSame($ada->id, $card->refresh()->meant_day_id);
        $this->post('/undo');
        self::assertSame($needs, $this->props('/people')['needs']);
        $this->get('/people?day=99999&months=-3')->assertOk();
    }

    public function test_a_card_that_was_not_given_is_free_again_and_the_day_of_next_year_wants_another(): void
    {
        $this->travelTo('2026-11-27 10:00');
        $this->made(3);
        $ada = Day::query()->whereRelation('person', 'name', 'Ada Fenn')->firstOrFail();
        $card = Card::query()->firstOrFail();
        $this->post("/people/days/$ada->id/card", ['card' => $card->id])->assertSessionHasNoErrors();
        $before = array_sum(array_column($this->props('/people')['stock'], 'inHand'));
        $this->travelTo('2027-11-27 10:00');
        $page = $this->props("/people?day=$ada->id");
        self::assertNull($page['chosen']['meant']);
        self::assertSame($before + 1, array_sum(array_column($page['stock'], 'inHand')));
    }

    public function test_people_are_written_down_changed_and_taken_out_with_what_is_wrong_at_its_field(): void
    {
        $this->post('/people', ['name' => ' '])->assertSessionHasErrors('name');
        $this->post('/people', ['name' => 'Gus Wren', 'likes' => 'tea'])->assertSessionHasNoErrors();
        $this->post('/people', ['name' => 'Gus Wren'])->assertSessionHasErrors('name');
        $gus = Person::query()->firstOrFail();
        $this->post("/people/$gus->id", ['name' => 'Gus Wren', 'likes' => 'tea', 'post_days' => '99'])->assertSessionHasErrors('post_days');
        $this->post("/people/$gus->id", ['name' => 'Gus Wren', 'likes' => 'tea, kites', 'post_days' => '9'])->assertSessionHasNoErrors();
        $days = "/people/$gus->id/days";
        $this->post($days, ['occasion' => 'birthday', 'month' => '2', 'day' => '30'])
            ->assertSessionHasErrors(['day' => 'There is no day 30 in month 2.']);
        $this->post($days, ['occasion' => 'feast', 'month' => '2', 'day' => '3'])->assertSessionHasErrors('occasion');
        $this->post($days, ['occasion' => 'birthday', 'month' => '2', 'day' => '29', 'year' => ''])->assertSessionHasNoErrors();
        $shown = $this->props('/people')['people'][0];
        self::assertSame(['tea, kites', '9'], [$shown['likes'], $shown['postDays']]);
        self::assertSame('birthday, 29 February, every year', $shown['days'][0]['says']);

        $kit = $this->made(1);
        $card = $kit->cards()->firstOrFail();
        $day = $gus->days()->firstOrFail();
        $this->post("/people/days/$day->id/card", ['card' => $card->id]);
        $this->delete("/people/$gus->id")->assertSessionHasNoErrors();
        self::assertNull($card->refresh()->meant_for_id);
        $this->post('/undo');
        self::assertSame([$gus->id, $day->id], [$card->refresh()->meant_for_id, $card->meant_day_id]);
        $this->delete("/people/days/$day->id")->assertSessionHasNoErrors();
        self::assertSame([$gus->id, null], [$card->refresh()->meant_for_id, $card->meant_day_id]);
    }

    public function test_the_post_is_as_the_maker_types_it(): void
    {
        $this->made(1);
        $this->post('/people/post', ['days' => 'soon'])->assertSessionHasErrors('days');
        $this->post('/people/post', ['days' => '0'])->assertSessionHasNoErrors();
        self::assertSame(0, $this->props('/people')['postDays']);
        PostLimit::query()->get()->each->delete();
        $this->post('/people/post/limits', ['name' => 'flat', 'thickness' => 'thin'])->assertSessionHasErrors('thickness');
        $this->post('/people/post/limits', ['name' => '', 'thickness' => '2'])->assertSessionHasErrors('name');
        $this->post('/people/post/limits', ['name' => 'flat', 'thickness' => '1/2 in'])->assertSessionHasNoErrors();
        $kit = Kit::query()->firstOrFail();
        self::assertStringEndsWith(': flat', $this->props("/kits/$kit->id/tally/cards")['cards'][0]['post']);
        $limit = PostLimit::query()->firstOrFail();
        $this->post('/people/post/limits', ['id' => $limit->id, 'name' => 'flat', 'thickness' => '0.1'])->assertSessionHasNoErrors();
        self::assertStringContainsString('too thick for the post', $this->props("/kits/$kit->id/tally/cards")['cards'][0]['post']);
        $this->delete("/people/post/limits/$limit->id");
        self::assertSame([], $this->props('/people')['limits']);
    }

    public function test_a_share_out_is_asked_for_what_the_days_need_beyond_what_is_in_hand(): void
    {
        $this->travelTo('2026-11-27 10:00');
        $this->harbour();
        $kit = Kit::query()->where('name', 'Windfall Orchard')->firstOrFail();
        $this->post('/people/ask', ['kit' => $kit->id])->assertRedirect("/kits/$kit->id/share-out");
        self::assertSame(['birthday' => 3, 'get-well' => 1, 'wedding' => 1, 'new-baby' => 1], $kit->refresh()->wanted);
        $this->act($kit, 'undo');
        self::assertSame([], $kit->refresh()->wanted);
    }

    public function test_address_books_and_calendars_are_looked_at_then_kept_once(): void
    {
        $this->travelTo('2026-11-27 10:00');
        $calendar = "BEGIN:VCALENDAR\r\nVERSION:2.0\r\n"
            .$this->event("Gus Wren's birthday", '19800203')
            .$this->event('Wedding of Ada and Bo', '20261219T140000')
            .$this->event('Dentist', '20261201')
            .$this->event('Housewarming: Kit Ames', '20200101')
            ."END:VCALENDAR\r\n";
        $read = $this->readFile('days.ics', $calendar);
        self::assertSame([2, 2, 0], [$read['newDays'], count($read['days']), $read['known']]);
        self::assertSame(['"Dentist": nobody\'s day that a card is for', 'Kit Ames, new home: 1 January 2020 has been'], $read['left']);
        self::assertSame(0, Day::query()->count(), 'nothing is kept before it is looked at');
        $this->post('/people/keep', ['token' => 'gone'])->assertSessionHasErrors('days_file');
        $this->post('/people/keep', ['token' => $read['token']])->assertRedirect('/people');
        self::assertSame(2, Day::query()->count());
        self::assertSame(2, $this->readFile('days.ics', $calendar)['known'], 'what is known is not kept twice');
        $this->post('/undo');
        self::assertSame(0, Person::query()->count());

        $book = "\xEF\xBB\xBFBEGIN:VCARD\nVERSION:3.0\nFN:Gus Wren\nBDAY:1980-02-03\nANNIVERSARY:20010607\nEND:VCARD\n"
            ."BEGIN:VCARD\nVERSION:4.0\nFN:Ida Moss\nBDAY:--0229\nEND:VCARD\n"
            ."BEGIN:VCARD\nVERSION:4.0\nFN:No Day\nEND:VCARD\nBEGIN:VCARD\nVERSION:4.0\nFN:Odd\nBDAY:circa 1800\nEND:VCARD\n";
        $read = $this->readFile('people.vcf', $book);
        self::assertSame(3, $read['newDays']);
        self::assertContains('Ida Moss, birthday: 29 February, every year', $read['days']);
        self::assertContains('No Day: no birthday and no other day', $read['left']);

        foreach (['text' => 'hello', 'torn' => "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nBEGIN:VEV", 'empty' => ''] as $what => $contents) {
            $file = UploadedFile::fake()->createWithContent("$what.ics", $contents);
            $this->post('/people/read', ['days_file' => $file])->assertSessionHasErrors('days_file', null, 'default');
        }
    }

    public function test_people_and_days_written_are_read_back_the_same_and_send_by_days_leave_for_a_calendar(): void
    {
        $this->travelTo('2026-11-27 10:00');
        $this->made(2);
        $said = static fn (): array => Day::query()->with('person')->get()
            ->map(static fn (Day $day): string => implode(' ', [
                $day->person->name,
                $day->person->likes,
                $day->occasion->value,
                $day->toCore()->says(),
            ]))
            ->sort()->values()->all();
        $before = $said();
        $book = (string) $this->get('/people/people.vcf')->assertOk()->getContent();
        Person::query()->get()->each->forget();
        $this->post('/people/keep', ['token' => $this->readFile('people.vcf', $book)['token']]);
        self::assertSame($before, $said());

        $days = (string) $this->get('/people/days.ics')->assertOk()->getContent();
        self::assertSame(count($before), substr_count($days, 'BEGIN:VEVENT'));
        self::assertSame(count($before), $this->readFile('days.ics', $days)['known'], 'the calendar of days is read back too');
        $send = (string) $this->get('/people/send-by.ics')->assertOk()->getContent();
        self::assertStringContainsString("Send Ada Fenn's card: birthday on 6 December", $send);
        self::assertStringContainsString('DTSTART;VALUE=DATE:20261202', $send);
    }

    public function test_a_share_out_is_written_and_read_again_with_nothing_lost(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 5, true);
        $card = $kit->cards()->with('takings')->firstOrFail();
        $card->update(['notes' => 'for the fair', 'is_for_a_man' => true, 'is_bonus' => true]);
        $this->act($kit, 'grid/pin', ['card' => $card->id, 'part' => $card->takings->firstOrFail()->part])->assertSessionHasNoErrors();
        $json = (string) $this->get("/kits/$kit->id/share-out/export.json")->getContent();
        $schema = json_decode((string) file_get_contents(base_path('docs/formats/share-out.schema.json')));
        unset($schema->{'$id'});
        self::assertTrue((new Validator)->validate(json_decode($json), $schema)->isValid());
        $this->act($kit, 'share-out/keep', ['name' => 'kept']);

        $read = ['share_file' => UploadedFile::fake()->createWithContent('spring fair.json', $json)];
        $this->act($kit, 'share-out/read', $read)->assertSessionHasNoErrors();
        [$kept, $again] = Solution::query()->orderBy('id')->get()->all();
        self::assertSame('spring fair', $again->name);
        self::assertEquals(self::sorted($kept->cards), self::sorted($again->cards));

        $other = Kit::query()->where('name', 'Knitted Hills')->firstOrFail();
        $this->act($other, 'share-out/read', $read)->assertSessionHasErrors('share_file');
        foreach (['{', '{"format": "keepshare/kit"}', ''] as $wrong) {
            $file = UploadedFile::fake()->createWithContent('x.json', $wrong);
            $this->act($kit, 'share-out/read', ['share_file' => $file])->assertSessionHasErrors('share_file');
        }
        self::assertSame(2, Solution::query()->count(), 'nothing is half kept');
    }

    public function test_a_record_is_written_and_read_again_onto_the_same_cards(): void
    {
        $this->travelTo('2026-11-27 10:00');
        $kit = $this->made(2);
        $card = $kit->cards()->firstOrFail();
        $day = Day::query()->firstOrFail();
        $record = ['stars' => 5, 'minutes' => 40, 'went_wrong' => 'ink', 'notes' => 'n', 'given_to' => 'Ada', 'given_on' => '2026-11-26'];
        $card->update([...$record, ...$day->meaning() ?? []]);
        $photo = UploadedFile::fake()->image('c.jpg', 40, 50);
        $this->act($kit, "tally/cards/$card->id/photo", ['photo' => $photo])->assertSessionHasNoErrors();
        $json = (string) $this->get("/kits/$kit->id/tally/record.json")->getContent();
        $schema = json_decode((string) file_get_contents(base_path('docs/formats/record.schema.json')));
        unset($schema->{'$id'});
        self::assertTrue((new Validator)->validate(json_decode($json), $schema)->isValid());

        $nothing = ['stars' => null, 'minutes' => null, 'went_wrong' => '', 'notes' => '', 'given_to' => '', 'given_on' => null];
        $card->update([...$nothing, ...Card::FOR_NOBODY]);
        $this->delete("/kits/$kit->id/tally/cards/$card->id/photo", ['revision' => $kit->fresh()?->revision]);
        $read = function (string $json) use ($kit) {
            $file = UploadedFile::fake()->createWithContent('r.json', $json);

            return $this->act($kit, 'tally/record', ['record_file' => $file]);
        };
        $read(str_replace('"number": 1', '"number": 99', $json))
            ->assertSessionHasErrors(['record_file' => 'Nothing was read. cards[0].number: this kit has no card 99.']);
        $read((string) preg_replace('/"photo": "[^"]+"/', '"photo": "abcd"', $json))->assertSessionHasErrors('record_file');
        self::assertNull($card->refresh()->stars, 'whole or not at all');
        $read($json)->assertSessionHasNoErrors();
        self::assertSame($json, $this->get("/kits/$kit->id/tally/record.json")->getContent());
    }

    public function test_what_kits_gave_counts_the_stash_at_its_own_prices(): void
    {
        self::assertSame([], $this->props('/gave')['kits']);
        $kit = $this->made(12, true);
        $shown = $this->props("/kits/$kit->id/tally");
        $line = array_values(array_filter($shown['stash'], static fn (array $line): bool => $line['pack'] !== ''))[0] ?? null;
        self::assertNotNull($line, 'something of the stash that is used up is on a card');
        $component = (int) substr($line['id'], 1);
        $price = ['component' => $component, 'price' => 'dear'];
        $this->act($kit, 'tally/stash-price', $price)->assertSessionHasErrors('price');
        $this->act($kit, 'tally/stash-price', ['component' => $component, 'price' => '5000.00'])->assertSessionHasNoErrors();
        $then = $this->props("/kits/$kit->id/tally");
        self::assertGreaterThan((float) $shown['each']['amount'], (float) $then['each']['amount']);
        self::assertSame($then['each'], $this->props('/gave')['kits'][0]['each'], 'the same on every page');
        $kit->cards()->update(['minutes' => 30]);
        $kit->cards()->limit(1)->update(['minutes' => 60]);
        $gave = $this->props('/gave');
        self::assertSame([12, 12, 33], [$gave['kits'][0]['cards'], $gave['kits'][0]['made'], $gave['kits'][0]['minutes']]);
        self::assertSame(12, array_sum(array_column($gave['months'], 'cards')));
        self::assertGreaterThan(12, count($gave['months']), 'months without a card are drawn too');
    }

    private function made(int $cards, bool $stash = false): Kit
    {
        $kit = $this->harbour();
        $this->shareOut($kit, $cards, $stash);
        Card::query()->update(['made_at' => '2025-03-01 10:00:00']);

        return $kit->refresh();
    }

    /** @return array<string, mixed> what is shown of the file */
    private function readFile(string $name, string $contents): array
    {
        $file = UploadedFile::fake()->createWithContent($name, $contents);
        $to = (string) $this->post('/people/read', ['days_file' => $file])->assertSessionHasNoErrors()->headers->get('Location');

        return $this->props($to)['read'];
    }

    private function event(string $summary, string $day): string
    {
        return "BEGIN:VEVENT\r\nUID:$day\r\nSUMMARY:$summary\r\nDTSTART:$day\r\nEND:VEVENT\r\n";
    }

    /**
     * @param  list<array<string, mixed>>  $cards
     * @return list<array<string, mixed>>
     */
    private static function sorted(array $cards): array
    {
        foreach ($cards as $i => $card) {
            ksort($card);
            foreach ((array) $card['takings'] as $n => $taking) {
                $taking = (array) $taking;
                ksort($taking);
                $card['takings'][$n] = $taking;
            }
            $cards[$i] = $card;
        }

        return $cards;
    }
}
