<?php

namespace Tests\Feature;

use App\Models\Card;
use App\Models\Kit;
use App\Models\Photograph;
use App\Models\Sheet;
use App\Models\Taking;
use App\Table\Balances;
use Database\Demo\Demo;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Testing\Fakes\QueueFake;
use Illuminate\Testing\TestResponse;
use Tests\Feature\Support\OwnStorage;
use Tests\Feature\Support\Snapshot;

abstract class FeatureTestCase extends TestCase
{
    use OwnStorage;
    use RefreshDatabase;

    /** A small photograph of a card base and one piece that has been read. */
    protected function photographed(Kit $kit): Photograph
    {
        $this->ownStorage();
        $picture = imagecreatetruecolor(400, 300);
        imagefill($picture, 0, 0, 0x8B6F55);
        imagefilledrectangle($picture, 40, 40, 160, 195, 0xFFFFFF);
        imagefilledrectangle($picture, 220, 60, 340, 120, 0x2B6B5A);
        imagejpeg($picture, storage_path('app/pieces.jpg'));
        $file = new UploadedFile(storage_path('app/pieces.jpg'), 'pieces.jpg', 'image/jpeg', null, true);
        $with = ['files' => [$file], 'by' => 'sheet', 'lengths' => '4 1/4 x 5 1/2'];
        $this->act($kit, 'photographs/pieces', $with)->assertSessionHasNoErrors();

        return Photograph::query()->latest('id')->firstOrFail();
    }

    protected function harbour(): Kit
    {
        if (Kit::query()->where('name', 'Harbour Lanterns')->doesntExist()) {
            Snapshot::after('lay the demo', static fn () => app(Demo::class)->lay());
        }

        return Kit::query()->where('name', 'Harbour Lanterns')->firstOrFail();
    }

    /**
     * @param  array<string, mixed>  $with
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    protected function act(Kit $kit, string $path, array $with = []): TestResponse
    {
        $answer = $this->post("/kits/$kit->id/$path", ['revision' => $kit->fresh()?->revision, ...$with]);
        self::assertLessThan(500, $answer->getStatusCode(), "$path is no fault of the application");

        return $answer;
    }

    /**
     * As if the worker were busy all the time, so that pages do not wait for bonus cards. Tests of those use a free
     * worker.
     */
    protected function busyWorker(Kit $kit, bool $isBusy = true): void
    {
        $queued = "bonus:$kit->id:{$kit->created_at?->getTimestamp()}:queued";
        $isBusy ? Cache::forever($queued, true) : Cache::forget($queued);
    }

    protected function shareOut(Kit $kit, int $cards, bool $stash = false): void
    {
        $this->busyWorker($kit);
        $do = fn () => $this->shareOutAnew($kit, $cards, $stash);
        $what = "share kit $kit->id out over $cards cards".($stash ? ', and the stash' : '');
        Queue::getFacadeRoot() instanceof QueueFake ? $do() : Snapshot::after($what, $do);
    }

    private function shareOutAnew(Kit $kit, int $cards, bool $stash): void
    {
        $this->act($kit, 'share-out', ['cards' => $cards, 'stash' => $stash, 'words' => 'once'])
            ->assertSessionHasNoErrors()
            ->assertRedirect();
        $proposal = $this->props("/kits/$kit->id/share-out")['proposal'];
        if ($proposal !== null) {
            $this->act($kit, "share-out/solutions/{$proposal['id']}/accept")->assertSessionHasNoErrors();
        }
    }

    /**
     * The props of a page.
     *
     * @return array<string, mixed>
     */
    protected function props(string $url): array
    {
        $props = $this->get($url)->assertOk()->viewData('page')['props'];

        return json_decode((string) json_encode($props), true);
    }

    /**
     * Everything that must be true of the records of a kit after any act.
     *
     * @param  bool  $mayBeShort  after an act that may take more than there is
     */
    protected function assertInBalance(Kit $kit, bool $mayBeShort = false): void
    {
        self::assertSame([], Balances::faults($kit, $mayBeShort));
    }

    /** @return list<list<mixed>> what cards take and what lies on the table, known by what they are and not by when they were written */
    protected function records(Kit $kit): array
    {
        $cards = Card::query()
            ->where('kit_id', $kit->id)
            ->orderBy('id')
            ->get()
            ->map(
                static fn (Card $card): array => [
                    $card->id,
                    $card->number,
                    $card->sketch,
                    $card->design,
                    $card->front_width,
                    $card->frame,
                    $card->fold->value,
                    $card->set,
                    $card->occasion->value,
                    $card->is_pinned,
                ],
            )
            ->all();
        $takings = Taking::query()
            ->orderBy('id')
            ->get()
            ->map(
                static fn (Taking $taking): array => [
                    $taking->id,
                    $taking->card_id,
                    $taking->component_id,
                    $taking->part,
                    $taking->quantity,
                    $taking->width,
                    $taking->height,
                    $taking->face,
                    $taking->may_turn,
                    $taking->sheet_id,
                    $taking->is_pinned,
                ],
            )
            ->all();
        $sheets = Sheet::query()
            ->orderBy('id')
            ->with('plan')
            ->get()
            ->map(
                static fn (Sheet $sheet): array => [
                    $sheet->id,
                    $sheet->state->value,
                    $sheet->width,
                    $sheet->height,
                    $sheet->in_hand_id,
                    $sheet->plan?->tree,
                ],
            )
            ->all();

        return [array_values($cards), array_values($takings), array_values($sheets)];
    }
}
