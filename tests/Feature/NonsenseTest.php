<?php

namespace Tests\Feature;

use App\Journal\Act;
use App\Models\Card;
use App\Models\Component;
use App\Models\CutPlan;
use App\Models\Kit;
use App\Models\OwnSketch;
use App\Models\Palette;
use App\Models\Photograph;
use App\Models\Solution;
use App\Models\Taking;
use Illuminate\Http\UploadedFile;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Facades\Queue;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Whatever is sent to any address, no answer is a server fault, and nothing is half saved. */
final class NonsenseTest extends FeatureTestCase
{
    /** Every field that any page sends. */
    private const FIELDS = <<<'NAMES'
        along amount arrangement as_swatch at away bought_on busy by card cards check chosen code colours
        columns component copies count counted covered currency directional do drop_photo face files find fold folds
        frame from front_height front_width handles height insides isForAMan keep kit_file kits layer layerWidth lengths line lying
        measure more motif name note notes nth number occasion option order part photo pieceHeight pieceWidth pieces
        price promised quantity reason repeat reveals revision savesOne says scrap scraps sent set sets sheet size sketch stash
        stashCards steps surfaces text theme to token trimmer unit value wanted was what why width written x y
        NAMES;

    /** Deleting or putting away the kit would leave nothing for the other requests. */
    private const ENDS = ['DELETE kits/{kit}', 'POST kits/{kit}/put-away', 'POST kits/{kit}/keep/put-away'];

    /** @return array<string, array{int}> */
    public static function seeds(): array
    {
        return ['two' => [2]];
    }

    #[DataProvider('seeds')]
    public function test_no_route_answers_nonsense_with_a_fault_of_its_own(int $seed): void
    {
        Http::fake(['*' => Http::response('{}')]);
        $random = new Randomizer(new Mt19937($seed));
        $kit = $this->harbour();
        $this->shareOut($kit, 4, true);
        $this->act($kit, 'share-out/keep', ['name' => 'first']);
        $this->act($kit, 'palettes', ['name' => 'sea', 'surfaces' => ['c1/0', 'c2/0']]);
        $this->photographed($kit);
        Queue::fake();
        $asked = 0;
        foreach (app('router')->getRoutes()->getRoutes() as $route) {
            $asked += (int) $this->ask($route, $kit, $random);
        }
        self::assertGreaterThan(120, $asked);
        $this->assertInBalance($kit, true);
        $acts = Act::query()->where('kit_id', $kit->id)->where('is_undone', false)->count();
        for ($n = 0; $n < $acts; $n++) {
            $this->act($kit, 'undo')->assertSessionHasNoErrors();
        }
        self::assertSame(0, $kit->cards()->count(), 'whatever was done of it is taken back');
    }

    private function ask(Route $route, Kit $kit, Randomizer $random): bool
    {
        $method = array_values(array_diff($route->methods(), ['HEAD']))[0];
        if (
            in_array("$method {$route->uri()}", self::ENDS, true)
            || str_starts_with($route->uri(), 'storage')
            || $route->uri() === 'up'
        ) {
            return false;
        }
        $url = '/'
            .preg_replace_callback(
                '/\{(\w+)\}/',
                fn (array $found): string => $this->parameter($found[1], $kit, $random),
                $route->uri(),
            );
        $with = $this->fields($kit, $random);
        $response = $this->call($method, $url, $with);
        // A sent file has no exception.
        $fault = $response->baseResponse instanceof BinaryFileResponse ? null : $response->exception;
        self::assertLessThan(
            500,
            $response->getStatusCode(),
            "$method $url "
                .json_encode($with)
                .' '
                .($fault?->getMessage() ?? '')
                .' '
                .($fault?->getFile() ?? '')
                .':'
                .($fault?->getLine() ?? ''),
        );

        return true;
    }

    /** Mostly a valid one, so that the nonsense gets further. */
    private function parameter(string $name, Kit $kit, Randomizer $random): string
    {
        if ($random->getInt(0, 5) === 0 && $name !== 'kit') {
            return ['0', '999999', 'x', '-1', '99999999999999999999', '%F0%9F%A6%86'][$random->getInt(0, 5)];
        }
        $some = static fn ($ids): string => (string) ($ids === [] ? 1 : $ids[$random->getInt(0, count($ids) - 1)]);

        return match ($name) {
            'kit' => (string) $kit->id,
            'card' => $some(Card::query()->pluck('id')->all()),
            'component' => $some(Component::query()->pluck('id')->all()),
            'sheet' => $some(CutPlan::query()->pluck('sheet_id')->all()),
            'taking' => $some(Taking::query()->pluck('id')->all()),
            'photograph' => $some(Photograph::query()->pluck('id')->all()),
            'n' => '0',
            'palette' => $some(Palette::query()->pluck('id')->all()),
            'solution' => $some(Solution::query()->pluck('id')->all()),
            'sketch' => $some(OwnSketch::query()->pluck('id')->all()),
            'format' => ['json', 'csv', 'pdf'][$random->getInt(0, 2)],
            default => '0123456789abcdef01234567',
        };
    }

    /** @return array<string, mixed> what a page might send, with nonsense in some of it */
    private function fields(Kit $kit, Randomizer $random): array
    {
        $any = static fn (string ...$of): string => $of[$random->getInt(0, count($of) - 1)];
        $fields = [
            'revision' => $kit->fresh()?->revision,
            'card' => $kit->cards()->value('id'),
            'component' => 'c'.$random->getInt(1, Component::query()->count()),
            'cards' => '5',
            'stash' => '1',
            'words' => 'once',
            'keep' => '1',
            'by' => $any('1', '-1'),
            'set' => '1',
            'copies' => '2',
            'count' => '1',
            'counted' => '2',
            'was' => '2',
            'to' => (string) Kit::query()->where('is_stash', true)->value('id'),
            'from' => '',
            'name' => 'x',
            'part' => $any('panel', 'focal', 'sentiment'),
            'face' => '0',
            'line' => 'gems plenty',
            'unit' => $any('in', 'mm'),
            'width' => '4',
            'height' => '5',
            'front_width' => '4',
            'front_height' => '5',
            'promised' => '10',
            'motif' => 'wave',
            'colours' => ['#ffffff'],
            'surfaces' => ['c1/0', 'c2/0'],
            'sketch' => $any('framed-panel', 'seam-strip'),
            'fold' => 'side',
            'measure' => 'reveal',
            'value' => '1/8',
            'occasion' => 'hello',
            'isForAMan' => '1',
            'check' => 'odd-group',
            'why' => 'so',
            'what' => $any('spoiled', 'blemish', ''),
            'at' => '1',
            'x' => '0',
            'y' => '0',
            'quantity' => '3',
            'number' => '5',
            'nth' => '0',
            'says' => 'leave it off',
            'wanted' => ['birthday' => '1'],
            'folds' => ['gatefold' => '1'],
            'frame' => '',
            'trimmer' => '',
            'do' => $any('say', 'part', 'turn', 'fill', 'drop', 'take', 'count', 'measure', 'corners', 'move', 'order', 'up', 'busy'),
            'on' => $any('1', '2', '0'),
            'text' => $any('robin', '2'),
            'handles' => [[1, 1], [90, 1], [90, 90], [1, 90]],
        ];
        $names = preg_split('/\s+/', trim(self::FIELDS)) ?: [];
        foreach (range(1, $random->getInt(1, 4)) as $ignored) {
            $fields[$names[$random->getInt(0, count($names) - 1)]] = $this->nonsense($random);
        }

        return $fields;
    }

    private function nonsense(Randomizer $random): mixed
    {
        return match ($random->getInt(0, 15)) {
            0 => ['a' => ['b' => 'c']],
            1 => ['x', ['y']],
            2 => '',
            3 => '-1',
            4 => '99999999999999999999',
            5 => "\u{0}\u{202E}\u{1F986}",
            6 => '<script>alert(1)</script>',
            7 => '1/0',
            8 => str_repeat('9', 400),
            9 => null,
            10 => '4 1/4',
            11 => 'c1/0',
            12 => '2026-02-31',
            13 => "\xB1\x31",
            14 => UploadedFile::fake()->createWithContent('x.csv', "kind,name\n\xB1,["),
            default => (string) $random->getInt(0, 40),
        };
    }
}
