<?php

namespace Tests\Feature;

use App\Frame\HandleInertiaRequests;
use App\Models\Kit;
use App\Models\Taking;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;

/** The answer to an act brings the page that it leads to, with its message, once. */
final class AtOnceTest extends FeatureTestCase
{
    private const LATER = 'cards,gaps,goods,wishes,taste,frontier';

    /** The most queries of an act in the grid and the page after it. */
    private const QUESTIONS = 35;

    public function test_one_more_in_the_grid_is_answered_with_its_rows_and_few_questions_to_the_database(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 6);
        $taking = Taking::query()->whereNull('width')->whereRelation('component', 'kind', 'embellishment')->firstOrFail();
        $cell = ['card' => $taking->card_id, 'component' => "c$taking->component_id", 'by' => 1, 'revision' => $kit->refresh()->revision];
        $asked = [];
        DB::listen(static function (QueryExecuted $query) use (&$asked): void {
            $asked[] = $query->sql;
        });

        $page = $this->ask($kit, 'grid/more', $cell, ['X-Inertia-Partial-Except' => self::LATER])->assertOk()->json();

        self::assertSame($taking->quantity + 1, $taking->refresh()->quantity);
        self::assertSame(['ShareOut/ShareOutPage', "/kits/$kit->id/share-out"], [$page['component'], $page['url']]);
        self::assertSame($kit->refresh()->revision, $page['props']['frame']['revision']);
        self::assertArrayHasKey('groups', $page['props']);
        self::assertArrayNotHasKey('cards', $page['props'], 'that comes later');
        self::assertLessThanOrEqual(self::QUESTIONS, count($asked), implode("\n", $asked));
    }

    public function test_what_is_told_and_what_is_refused_stand_on_that_page_and_on_no_other(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 6);
        $card = $kit->cards()->firstOrFail();
        $told = $this->ask($kit, 'grid/leaner', ['card' => $card->id, 'revision' => $kit->refresh()->revision])->assertOk();
        self::assertStringContainsString('now uses', $told->json('props.notice'));
        self::assertNull($this->props("/kits/$kit->id/share-out")['notice']);

        $stale = $this->ask($kit, 'grid/leaner', ['card' => $card->id, 'revision' => 1])->assertOk();
        self::assertStringContainsString('has changed since', $stale->json('props.errors.table'));
        self::assertSame([], (array) $this->props("/kits/$kit->id/share-out")['errors']);
    }

    public function test_a_page_of_another_kit_or_of_something_gone_is_answered_with_a_redirect(): void
    {
        $kit = $this->harbour();
        $this->shareOut($kit, 2);
        $card = $kit->cards()->firstOrFail();
        $page = $this->from("/kits/$kit->id/cards/$card->id")->withHeaders($this->headers())
            ->post("/kits/$kit->id/grid/remove", ['card' => $card->id, 'revision' => $kit->refresh()->revision]);

        $page->assertRedirect("/kits/$kit->id/cards/$card->id");
    }

    /**
     * @param  array<string, mixed>  $data
     * @param  array<string, string>  $headers
     * @return TestResponse<Response>
     */
    private function ask(Kit $kit, string $path, array $data, array $headers = []): TestResponse
    {
        $answer = $this->from("/kits/$kit->id/share-out")
            ->withHeaders([...$this->headers(), ...$headers])
            ->post("/kits/$kit->id/$path", $data);
        $this->flushHeaders();

        return $answer;
    }

    /** @return array<string, string> */
    private function headers(): array
    {
        return [
            'X-Inertia' => 'true',
            'X-Inertia-Version' => (string) app(HandleInertiaRequests::class)->version(request()),
            'X-Inertia-Partial-Component' => 'ShareOut/ShareOutPage',
        ];
    }
}
