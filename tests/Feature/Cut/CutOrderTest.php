<?php

namespace Tests\Feature\Cut;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Testing\PendingCommand;
use Symfony\Component\Console\Output\BufferedOutput;
use Tests\Feature\FeatureTestCase;

/** The two commands for people who script. */
final class CutOrderTest extends FeatureTestCase
{
    public function test_a_cut_order_is_planned_as_json_and_in_words(): void
    {
        $example = base_path('docs/formats/cut-order.example.json');
        $output = new BufferedOutput;
        self::assertSame(0, Artisan::call('cut:plan', ['file' => $example, '--json' => true], $output));
        self::assertSame(
            'keepshare/cut-plan',
            json_decode($output->fetch(), true, flags: JSON_THROW_ON_ERROR)['format'],
            'nothing but the plan on standard output',
        );

        $this->command('cut:plan', ['file' => $example])
            ->expectsOutputToContain('3 sheets opened, proven the least')
            ->assertExitCode(0);
        $scrap = $this->order(
            static fn (array $order): array => [
                ...$order,
                'sheets' => [['id' => 'scrap', 'paper' => 'wave', 'width' => '6', 'height' => '5', 'count' => 1]],
            ],
        );
        $this->command('cut:fill', ['file' => $scrap])
            ->expectsOutputToContain('panel 2: 3 × 4 1/4')
            ->assertExitCode(0);
    }

    public function test_a_bad_order_ends_with_2_and_a_line_for_each_fault(): void
    {
        $bad = $this->order(static function (array $order): array {
            $order['sheets'][0]['width'] = 'wide';
            $order['pieces'][1]['count'] = -1;

            return $order;
        });
        $this->command('cut:plan', ['file' => $bad])
            ->expectsOutputToContain('sheets[0].width: "wide" is not a measure.')
            ->expectsOutputToContain('pieces[1].count: expected a whole number from 1 to 2000.')
            ->assertExitCode(2);
        $this->command('cut:plan', ['file' => '/nowhere.json'])
            ->expectsOutputToContain('There is no file /nowhere.json')
            ->assertExitCode(2);
        $this->command('cut:fill', ['file' => base_path('docs/formats/cut-order.example.json')])
            ->expectsOutputToContain('exactly one sheet')
            ->assertExitCode(2);
    }

    /** @param  array<string, mixed>  $with */
    private function command(string $name, array $with): PendingCommand
    {
        $command = $this->artisan($name, $with);

        return $command instanceof PendingCommand ? $command : self::fail('It ran unasked.');
    }

    /** @param  callable(array<string, mixed>): array<string, mixed>  $change */
    private function order(callable $change): string
    {
        $order = json_decode((string) file_get_contents(base_path('docs/formats/cut-order.example.json')), true);
        $file = (string) tempnam(sys_get_temp_dir(), 'order');
        file_put_contents($file, json_encode($change($order)));
        $this->beforeApplicationDestroyed(static fn () => @unlink($file));

        return $file;
    }
}
