<?php

namespace Tests\Feature\People;

use App\Ledger\ImportKit;
use App\Models\Component;
use App\Models\OwnOccasion;
use App\Models\Person;
use Illuminate\Testing\TestResponse;
use KeepShare\Core\Kit\KitFile;
use KeepShare\Core\Kit\Occasions;
use Tests\Feature\FeatureTestCase;

/** The maker's list of occasions, and where it is used. */
final class OwnOccasionsTest extends FeatureTestCase
{
    protected function tearDown(): void
    {
        parent::tearDown();
        Occasions::from(static fn (): array => []);
    }

    public function test_occasions_are_added_called_otherwise_ordered_and_each_is_taken_back(): void
    {
        $this->harbour();
        $this->send('', ['name' => 'Name day'])->assertSessionHasNoErrors();
        $this->send('/name-day', ['field' => 'move', 'value' => '-99'])->assertSessionHasNoErrors();
        $this->send('/name-day', ['field' => 'share', 'value' => '3'])->assertSessionHasNoErrors();
        $this->send('/name-day', ['field' => 'usual', 'value' => '1'])->assertSessionHasNoErrors();
        $this->send('/sympathy', ['field' => 'name', 'value' => 'in sorrow'])->assertSessionHasNoErrors();

        $list = $this->props('/people/occasions')['occasions'];
        self::assertSame(
            ['key' => 'name-day', 'name' => 'Name day', 'share' => 3, 'usual' => true, 'percent' => 17, 'isShipped' => false],
            $list[0],
        );
        self::assertSame('in sorrow', array_column($list, 'name', 'key')['sympathy']);
        self::assertCount(count(Occasions::shipped()) + 1, $list);

        $this->post('/undo');
        self::assertSame('sympathy', array_column($this->props('/people/occasions')['occasions'], 'name', 'key')['sympathy']);
        foreach (range(1, 4) as $ignored) {
            $this->post('/undo')->assertSessionHasNoErrors();
        }
        self::assertSame(0, OwnOccasion::query()->count());
        self::assertSame(Occasions::shipped(), array_column($this->props('/people/occasions')['occasions'], 'key'));
    }

    public function test_own_occasions_are_offered_everywhere_and_can_be_asked_for(): void
    {
        $kit = $this->harbour();
        $this->send('', ['name' => 'Name day']);
        $this->send('/name-day', ['field' => 'move', 'value' => '-99']);
        $this->act($kit, 'add', ['line' => 'sentiment "hooray it is your day" 2 x 1/2 x2 for name day'])->assertSessionHasNoErrors();
        $words = Component::query()->latest('id')->firstOrFail();
        self::assertSame(['name-day'], $words->details['occasions']);
        self::assertSame('name-day', $this->props("/kits/$kit->id/share-out")['taste']['wanted'][0]['key'] ?? null);

        $this->act($kit, 'taste/wanted', ['wanted' => ['name-day' => '1']])->assertSessionHasNoErrors();
        $this->shareOut($kit, 4);
        self::assertSame(1, $kit->cards()->where('occasion', 'name-day')->count());
        $card = $kit->cards()->where('occasion', 'name-day')->firstOrFail();
        self::assertContains('name-day', array_column($this->props("/kits/$kit->id/cards/$card->id")['design']['occasions'], 'key'));
        $this->post('/people', ['name' => 'Ida'])->assertSessionHasNoErrors();
        $ida = Person::query()->where('name', 'Ida')->firstOrFail();
        $this->post("/people/$ida->id/days", ['occasion' => 'name-day', 'month' => '8', 'day' => '7'])->assertSessionHasNoErrors();
        self::assertSame('name-day', $ida->days()->firstOrFail()->occasion->value);
    }

    public function test_what_is_wrong_is_said_at_its_field_and_what_is_used_stays(): void
    {
        $kit = $this->harbour();
        $this->send('', ['name' => ''])->assertSessionHasErrors('name');
        $this->send('', ['name' => '!!'])->assertSessionHasErrors('name');
        $this->send('', ['name' => 'Thank You'])->assertSessionHasErrors('name');
        $this->send('', ['name' => 'Name day']);
        $this->send('/name-day', ['field' => 'name', 'value' => 'hello'])->assertSessionHasErrors('value');
        $this->send('/name-day', ['field' => 'share', 'value' => 'often'])->assertSessionHasErrors('value');
        $this->send('/moon-day', ['field' => 'share', 'value' => '1'])->assertNotFound();
        $this->delete('/people/occasions/birthday')->assertNotFound();
        $this->act($kit, 'add', ['line' => 'sentiment "your day" 2 x 1/2 x2 for name day']);
        $this->delete('/people/occasions/name-day');
        self::assertTrue(OwnOccasion::query()->where('key', 'name-day')->exists(), 'Words are for it.');
        $this->act($kit, 'undo');
        $this->delete('/people/occasions/name-day')->assertSessionHasNoErrors();
        self::assertFalse(OwnOccasion::query()->where('key', 'name-day')->exists());
    }

    public function test_a_kit_of_another_maker_brings_the_occasions_its_words_are_for(): void
    {
        $kit = $this->harbour();
        $this->send('', ['name' => 'Name day']);
        $this->act($kit, 'add', ['line' => 'sentiment "your day" 2 x 1/2 x2 for name day']);
        $file = (string) $this->get("/kits/$kit->id/export")->assertOk()->getContent();
        $this->act($kit, 'undo');
        $this->post('/undo');
        self::assertNotContains('name-day', array_column($this->props('/people/occasions')['occasions'], 'key'));

        app(ImportKit::class)->bringIn(KitFile::read($file));

        $list = $this->props('/people/occasions')['occasions'];
        self::assertSame('Name day', array_column($list, 'name', 'key')['name-day'] ?? null);
        self::assertSame([...Occasions::shipped(), 'name-day'], array_column($list, 'key'), 'It comes after those that are known.');
    }

    /**
     * @param  array<string, mixed>  $with
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function send(string $path, array $with): TestResponse
    {
        return $this->post("/people/occasions$path", $with);
    }
}
