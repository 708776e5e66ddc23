<?php

namespace Tests\Core;

use KeepShare\Core\Cut\File\BadCutOrder;
use KeepShare\Core\Cut\File\CutOrder;
use KeepShare\Core\Cut\File\CutPlanFile;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Unit;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Cut orders are read and cut plans written as the published schemas say. */
final class CutOrderTest extends TestCase
{
    public function test_the_example_is_planned_as_the_schema_says_and_can_be_cut(): void
    {
        self::assertTrue(self::passes('cut-order', json_decode(self::example())));
        $plan = CutPlanFile::plan(CutOrder::read(self::example()));

        self::assertTrue(self::passes('cut-plan', json_decode((string) json_encode($plan))));
        self::assertSame(['sheetsOpened' => 3, 'lowerBound' => 3, 'proven' => true], array_slice($plan['summary'], 0, 3));
        self::assertSame([], $plan['unplaced']);
        self::assertCanBeCut($plan);
    }

    public function test_inches_and_millimetres_go_together_exactly(): void
    {
        $order = <<<'JSON'
            {
                "format": "keepshare/cut-order",
                "version": 1,
                "unit": "mm",
                "sheets": [{"id": "pad", "paper": "p", "width": "6in", "height": "6in", "count": 1}],
                "pieces": [{"id": "a", "paper": "p", "width": 76.2, "height": 152.4, "count": 2, "turn": false}]
            }
            JSON;
        $plan = CutPlanFile::plan(CutOrder::read($order));

        self::assertSame(['76.2', '152.4'], [$plan['sheets'][0]['cuts'][0]['x1'], $plan['sheets'][0]['cuts'][0]['y2']]);
        self::assertSame([], $plan['sheets'][0]['leftovers'], 'three inches are 76.2 mm, and nothing is left');
    }

    public function test_one_sheet_is_filled_with_the_most_worth(): void
    {
        $order = self::changed(
            static fn (array $order): array => [
                ...$order,
                'sheets' => [
                    ['id' => 'scrap', 'paper' => 'kelp card', 'width' => '6', 'height' => '6', 'count' => 1],
                ],
            ],
        );
        $filled = CutPlanFile::fill(CutOrder::read($order));

        self::assertTrue(self::passes('cut-plan', json_decode((string) json_encode($filled))));
        // One mat beside both labels.
        self::assertSame([70, 70, true], [$filled['summary']['worth'], $filled['summary']['upperBound'], $filled['summary']['proven']]);
        self::assertContains(['piece' => 'panel', 'count' => 3, 'reason' => 'it is of another paper'], $filled['unplaced']);
        self::assertCanBeCut($filled);
        $this->expectExceptionMessage('filling takes exactly one sheet');
        CutPlanFile::fill(CutOrder::read(self::example()));
    }

    public function test_a_filling_follows_the_limits_of_its_sheet(): void
    {
        $filled = static fn (array $sheet, array $trimmer = []): array => CutPlanFile::fill(CutOrder::read((string) json_encode([
            'format' => 'keepshare/cut-order', 'version' => 1, 'unit' => 'in',
            'sheets' => [['id' => 's', 'paper' => 'p', 'width' => '6', 'height' => '6', 'count' => 1, ...$sheet]],
            'pieces' => [
                ['id' => 'a', 'paper' => 'p', 'width' => '3', 'height' => '3', 'count' => 4, 'turn' => true, 'worth' => 1_000_000_000],
            ],
            ...($trimmer === [] ? [] : ['trimmer' => $trimmer]),
        ])));

        self::assertSame(
            [4_000_000_000, true],
            [$filled([])['summary']['worth'], $filled([])['summary']['proven']],
        );
        self::assertSame(
            [1_000_000_000, true],
            [$filled(['margin' => '1/8'])['summary']['worth'], $filled(['margin' => '1/8'])['summary']['proven']],
        );
        $blemished = $filled(['blemishes' => [['x' => '0', 'y' => '0', 'width' => '1/4', 'height' => '1/4']]]);
        self::assertSame(
            [2_000_000_000, false],
            [$blemished['summary']['worth'], $blemished['summary']['proven']],
            'nothing is cut from beside the bent corner',
        );
        $short = $filled([], ['longest' => '5']);
        self::assertSame(
            [0, 4_000_000_000, false],
            [$short['summary']['worth'], $short['summary']['upperBound'], $short['summary']['proven']],
            'no cut of 6 in can be made',
        );
        $this->expectExceptionMessage('sheets[0].save: the one sheet is to stay whole');
        $filled(['save' => 1]);
    }

    public function test_the_largest_worth_of_a_leftover_that_is_permitted_can_be_planned(): void
    {
        $order = self::changed(
            static fn (array $order): array => [
                ...$order,
                'useful' => [['width' => '1/2', 'height' => '1/2', 'worth' => 1_000_000]],
            ],
        );

        self::assertSame([], CutPlanFile::plan(CutOrder::read($order))['unplaced']);
    }

    public function test_what_is_left_out_says_why(): void
    {
        $order = self::changed(static function (array $order): array {
            $order['pieces'][0]['count'] = 5;
            $order['pieces'][] = [
                'id' => 'poster',
                'paper' => 'kelp card',
                'width' => '12',
                'height' => '12',
                'count' => 1,
                'turn' => true,
            ];
            $order['pieces'][] = [
                'id' => 'foil',
                'paper' => 'copper',
                'width' => '1',
                'height' => '1',
                'count' => 2,
                'turn' => true,
            ];

            return $order;
        });

        self::assertSame([
            ['piece' => 'panel', 'count' => 1, 'reason' => 'the sheets are full'],
            ['piece' => 'poster', 'count' => 1, 'reason' => 'it is larger than every sheet of its paper'],
            ['piece' => 'foil', 'count' => 2, 'reason' => 'there is no sheet of its paper'],
        ], CutPlanFile::plan(CutOrder::read($order))['unplaced']);
    }

    public function test_nothing_is_turned_on_a_directional_sheet(): void
    {
        $order = self::changed(
            static fn (array $order): array => [
                ...$order,
                'pieces' => [
                    [
                        'id' => 'wide',
                        'paper' => 'wave',
                        'width' => '5',
                        'height' => '2',
                        'count' => 6,
                        'turn' => true,
                    ],
                ],
            ],
        );

        self::assertSame(
            [false],
            array_values(
                array_unique(
                    array_merge(
                        ...array_map(
                            static fn (array $sheet): array => array_column($sheet['pieces'], 'turned'),
                            CutPlanFile::plan(CutOrder::read($order))['sheets'],
                        ),
                    ),
                ),
            ),
        );
    }

    public function test_plans_follow_saved_sheets_margins_blemishes_and_the_trimmer(): void
    {
        $order = self::changed(static function (array $order): array {
            $order['sheets'] = [
                [
                    'id' => 'marred',
                    'paper' => 'p',
                    'width' => '6',
                    'height' => '6',
                    'count' => 1,
                    'margin' => '1/4',
                    'blemishes' => [['width' => '1 1/4', 'height' => '1']],
                ],
                ['id' => 'pad', 'paper' => 'p', 'width' => '12', 'height' => '12', 'count' => 2, 'save' => 1],
            ];
            $order['pieces'] = [['id' => 'panel', 'paper' => 'p', 'width' => '5', 'height' => '4', 'count' => 7, 'turn' => true]];
            $order['trimmer'] = ['longest' => '12', 'narrowest' => '1/2'];
            $order['useful'] = [['width' => '2', 'height' => '4', 'worth' => 10]];

            return $order;
        });
        self::assertTrue(self::passes('cut-order', json_decode($order)));
        $plan = CutPlanFile::plan(CutOrder::read($order));

        self::assertCanBeCut($plan);
        self::assertSame(['marred', 'pad'], array_column($plan['sheets'], 'sheet'), 'one of the pad stays whole');
        self::assertSame(
            [1, 6],
            array_map(static fn (array $sheet): int => count($sheet['pieces']), $plan['sheets']),
        );
        self::assertSame(
            ['1/4', '1'],
            [$plan['sheets'][0]['pieces'][0]['x'], $plan['sheets'][0]['pieces'][0]['y']],
            'within the margin, below the blemish',
        );

        $short = CutPlanFile::plan(CutOrder::read(str_replace('"longest":"12"', '"longest":"6"', $order)));
        self::assertSame('the sheets are full, or the trimmer is too short for the cuts', $short['unplaced'][0]['reason']);
    }

    public function test_a_fault_in_what_a_sheet_may_say_has_its_place(): void
    {
        $order = self::changed(static function (array $order): array {
            $order['sheets'][0]['blemishes'] = [['x' => '1', 'y' => 'top', 'width' => '1', 'height' => '1']];
            $order['sheets'][0]['save'] = 99;
            $order['trimmer'] = ['longest' => '0'];

            return $order;
        });
        try {
            CutOrder::read($order);
            self::fail('It was read.');
        } catch (BadCutOrder $bad) {
            self::assertStringContainsString('sheets[0].blemishes[0].y: "top" is not a measure', $bad->getMessage());
            self::assertStringContainsString('sheets[0].save: expected a whole number from 0 to', $bad->getMessage());
            self::assertStringContainsString('trimmer.longest: is 0', $bad->getMessage());
        }
    }

    /** @return array<string, array{callable(array<string, mixed>): array<string, mixed>, list<string>}> */
    public static function faults(): array
    {
        return [
            'another format' => [
                static fn (array $o): array => [...$o, 'format' => 'x'],
                ['format: expected "keepshare/cut-order".'],
            ],
            'another version' => [
                static fn (array $o): array => [...$o, 'version' => 2],
                ['version: this Keep Share reads version 1 of cut orders.'],
            ],
            'no unit' => [static fn (array $o): array => [...$o, 'unit' => 'ell'], ['unit: expected "in" or "mm".']],
            'no sheets' => [static fn (array $o): array => [...$o, 'sheets' => []], ['sheets: expected a list of at least one.']],
            'a field it does not know' => [static fn (array $o): array => [...$o, 'blade' => 1], ['blade: is not a field of a cut order.']],
            'all faults at once' => [static function (array $o): array {
                $o['sheets'][0]['width'] = 'wide';
                $o['sheets'][1]['count'] = 0;
                $o['pieces'][0] = 'panel';
                $o['pieces'][1]['turn'] = 'yes';
                $o['pieces'][2]['id'] = 'mat';
                $o['pieces'][2]['height'] = '0';

                return $o;
            }, [
                'sheets[0].width: "wide" is not a measure. Write one such as 4 1/4, 4.25in or 108mm.',
                'sheets[1].count: expected a whole number from 1 to 2000.',
                'pieces[0]: expected an object in { }.',
            ]],
        ];
    }

    /**
     * @param  callable(array<string, mixed>): array<string, mixed>  $spoil
     * @param  list<string>  $says
     */
    #[DataProvider('faults')]
    public function test_a_bad_order_is_refused_whole_with_every_fault_at_its_place(callable $spoil, array $says): void
    {
        try {
            CutOrder::read(self::changed($spoil));
            self::fail('It was read.');
        } catch (BadCutOrder $bad) {
            foreach ($says as $fault) {
                self::assertContains($fault, $bad->faults);
            }
            if (count($says) > 1) {
                self::assertStringContainsString('pieces[1].turn: expected true or false.', $bad->getMessage());
                self::assertStringContainsString('pieces[2].id: "mat" is the id of pieces[1] already.', $bad->getMessage());
                self::assertStringContainsString('pieces[2].height: is 0', $bad->getMessage());
            }
        }
    }

    public function test_what_is_no_json_or_too_large_is_refused(): void
    {
        foreach (['', '[', '"text"', '[]', str_repeat(' ', CutOrder::MOST_BYTES + 1)] as $text) {
            try {
                CutOrder::read($text);
                self::fail('It was read.');
            } catch (BadCutOrder $bad) {
                self::assertCount(1, $bad->faults);
            }
        }
    }

    private static function example(): string
    {
        return (string) file_get_contents(dirname(__DIR__, 2).'/docs/formats/cut-order.example.json');
    }

    /** @param  callable(array<string, mixed>): array<string, mixed>  $change */
    private static function changed(callable $change): string
    {
        return (string) json_encode($change(json_decode(self::example(), true)));
    }

    private static function passes(string $schema, mixed $data): bool
    {
        $json = json_decode((string) file_get_contents(dirname(__DIR__, 2)."/docs/formats/$schema.schema.json"));
        unset($json->{'$id'});

        return (new Validator)->validate($data, $json)->isValid();
    }

    /**
     * Makes the cuts as they are written, knowing only the file, and compares the result.
     *
     * @param  array<string, mixed>  $plan
     */
    private static function assertCanBeCut(array $plan): void
    {
        $unit = Unit::from($plan['unit']);
        $units = static fn (array $of, string ...$keys): array => array_map(
            static fn (string $key): int => Length::parse($of[$key], $unit)->units,
            $keys,
        );
        foreach ($plan['sheets'] as $sheet) {
            $parts = [[0, 0, ...$units($sheet, 'width', 'height')]];
            foreach ($sheet['cuts'] as $cut) {
                [$x1, $y1, $x2, $y2] = $units($cut, 'x1', 'y1', 'x2', 'y2');
                $through = array_filter($parts, static fn (array $p): bool => $x1 === $x2
                    ? $p[0] < $x1 && $x1 < $p[0] + $p[2] && $y1 === $p[1] && $y2 === $p[1] + $p[3]
                    : $p[1] < $y1 && $y1 < $p[1] + $p[3] && $x1 === $p[0] && $x2 === $p[0] + $p[2]);
                self::assertCount(1, $through, 'a cut goes right through exactly one part');
                $which = array_key_first($through) ?? self::fail('It goes through none.');
                [$x, $y, $w, $h] = $parts[$which];
                unset($parts[$which]);
                $two = $x1 === $x2
                    ? [[$x, $y, $x1 - $x, $h], [$x1, $y, $x + $w - $x1, $h]]
                    : [[$x, $y, $w, $y1 - $y], [$x, $y1, $w, $y + $h - $y1]];
                array_push($parts, ...$two);
            }
            $said = array_map(static fn (array $part): array => $units($part, 'x', 'y', 'width', 'height'), [
                ...$sheet['pieces'],
                ...$sheet['leftovers'],
            ]);
            self::assertEqualsCanonicalizing(array_values($parts), $said);
        }
    }
}
