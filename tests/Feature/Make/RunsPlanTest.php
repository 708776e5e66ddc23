<?php

namespace Tests\Feature\Make;

use Illuminate\Support\Facades\Artisan;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Console\Output\BufferedOutput;
use Tests\Feature\FeatureTestCase;

/** The command that plans the making, with files that other commands wrote. */
final class RunsPlanTest extends FeatureTestCase
{
    /** @return array<string, array{array<string, mixed>}> */
    public static function shareOuts(): array
    {
        return [
            'a demo kit' => [['file' => 'harbour-lanterns', '--cards' => '6', '--inside' => true]],
            'folds' => [['file' => 'harbour-lanterns', '--cards' => '5', '--fold' => ['shaker=1', 'short-front=1', 'tag=1']]],
            'paper from liners' => [['file' => 'windfall-orchard', '--cards' => '8']],
            'millimetres' => [['file' => 'knitted-hills', '--cards' => '4', '--frame' => '0']],
        ];
    }

    /** @param  array<string, mixed>  $asks */
    #[DataProvider('shareOuts')]
    public function test_a_share_out_is_read_back_and_planned(array $asks): void
    {
        $kit = base_path('database/demo/'.(is_string($asks['file']) ? $asks['file'] : '').'.json');
        $shared = $this->answer('share:out', [...$asks, 'file' => $kit, '--json' => true, '--steps' => 0]);
        $file = $this->file($shared);
        foreach (['runs', 'cards'] as $school) {
            $asks = ['file' => $file, '--school' => $school, '--minutes' => '40', '--json' => true];
            $runs = json_decode($this->answer('runs:plan', $asks), true);
            self::assertIsArray($runs);
            self::assertFits($runs);
            self::assertSame($school, $runs['school']);
            self::assertCount(count(json_decode($shared, true)['cards']), $runs['complete']);
            self::assertSame(array_merge(...array_column($runs['runs'], 'steps')), array_column($runs['steps'], 'id'));
            $steps = array_column($runs['steps'], null, 'id');
            foreach ($steps as $step) {
                foreach ($step['after'] as $before) {
                    $dry = $steps[$before]['start'] + $steps[$before]['minutes'] + $steps[$before]['wait'];
                    self::assertGreaterThanOrEqual($dry, $step['start']);
                }
            }
        }
    }

    public function test_what_cannot_be_read_is_refused_with_its_place(): void
    {
        $kit = base_path('database/demo/harbour-lanterns.json');
        $asks = ['file' => $kit, '--cards' => '2', '--json' => true, '--steps' => 0];
        $shared = json_decode($this->answer('share:out', $asks), true);
        $with = fn (array $changes): string => $this->file((string) json_encode(array_replace_recursive($shared, $changes)));
        $right = $with([]);
        $bare = $this->file((string) json_encode(array_diff_key($shared, ['goods' => 1])));
        $wrong = [
            'there is no' => ['file' => '/nowhere.json'],
            'This is not a JSON file' => ['file' => $this->file('{')],
            'format: expected "keepshare/share-out"' => ['file' => $this->file('{"format": "keepshare/kit"}')],
            'cards[1].occasion' => ['file' => $with(['cards' => [1 => ['occasion' => 'monday']]])],
            'cards[1].number: there is a card 1 already' => ['file' => $with(['cards' => [1 => ['number' => 1]]])],
            'cards[0].width' => ['file' => $with(['cards' => [['width' => '0']]])],
            'cards[0].takings[0].component: what' => ['file' => $bare],
            '--school: expected runs or cards' => ['file' => $right, '--school' => 'none'],
            '--minutes: expected whole minutes' => ['file' => $right, '--minutes' => 'an hour'],
            '--cards: there is no card 9' => ['file' => $right, '--cards' => ['9']],
        ];
        foreach ($wrong as $says => $asks) {
            $output = new BufferedOutput;
            self::assertSame(2, Artisan::call('runs:plan', $asks, $output), $says);
            self::assertStringContainsString($says, $output->fetch());
        }
        // With the kit beside it a share-out need not contain its goods.
        self::assertStringContainsString('tool changes', $this->answer('runs:plan', ['file' => $bare, '--kit' => $kit]));
    }

    /** @param  array<string, mixed>  $asks */
    private function answer(string $command, array $asks): string
    {
        $output = new BufferedOutput;
        self::assertSame(0, Artisan::call($command, $asks, $output));

        return $output->fetch();
    }

    private function file(string $text): string
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'runs');
        file_put_contents($file, $text);

        return $file;
    }

    /** @param  array<string, mixed>  $runs */
    private static function assertFits(array $runs): void
    {
        $schema = json_decode((string) file_get_contents(base_path('docs/formats/runs.schema.json')));
        unset($schema->{'$id'});
        $result = (new Validator)->validate(json_decode(json_encode($runs, JSON_THROW_ON_ERROR)), $schema);
        self::assertTrue($result->isValid(), (string) $result);
    }
}
