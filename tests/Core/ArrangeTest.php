<?php

namespace Tests\Core;

use KeepShare\Core\Arrange\Arrangement;
use KeepShare\Core\Arrange\ArrangementReader;
use KeepShare\Core\Arrange\Arrangements;
use KeepShare\Core\Arrange\ArrangementWriter;
use KeepShare\Core\Arrange\BadArrangement;
use KeepShare\Core\Arrange\Craft\CraftRules;
use KeepShare\Core\Arrange\Family;
use KeepShare\Core\Arrange\Group;
use KeepShare\Core\Arrange\GroupPiece;
use KeepShare\Core\Arrange\Pieces;
use KeepShare\Core\Arrange\Sample;
use KeepShare\Core\Arrange\Spot;
use KeepShare\Core\Arrange\SpotKind;
use KeepShare\Core\Arrange\Stands;
use KeepShare\Core\Arrange\Turn;
use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\DieCut;
use KeepShare\Core\Kit\Glyph;
use KeepShare\Core\Kit\Printed;
use KeepShare\Core\Kit\Serves;
use KeepShare\Core\Kit\Shape;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Sketch\Dim;
use KeepShare\Core\Sketch\Layout;
use KeepShare\Core\Sketch\Sketches;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Arrangements as data, the resulting groups, and the rules for how pieces lie together. */
final class ArrangeTest extends TestCase
{
    public function test_there_are_many_in_every_family_and_each_lies_on_every_front(): void
    {
        $all = Arrangements::all();
        self::assertGreaterThanOrEqual(18, count($all));
        $families = array_unique(array_map(static fn (Arrangement $one): string => $one->family->value, $all));
        self::assertSame([], array_diff(array_column(Family::cases(), 'value'), $families));
        foreach ([['4 1/4', '5 1/2'], ['5 1/2', '4 1/4'], ['6', '6'], ['5', '7'], ['2 3/4', '3 1/2']] as [$width, $height]) {
            $front = Size::parse($width, $height, Unit::Inch);
            foreach ($all as $one) {
                $group = Sample::of($one, $front, Unit::Inch);
                self::assertCount(count($one->spots), $group->pieces, $one->key);
                foreach ($group->pieces as $piece) {
                    $isIn = $piece->x > 0 && $piece->y > 0 && $piece->x < $front->width->units && $piece->y < $front->height->units;
                    self::assertTrue($isIn, "$one->key: {$piece->part()} on $width × $height");
                }
            }
        }
    }

    public function test_what_is_written_is_read_back_as_the_same(): void
    {
        foreach (Arrangements::all() as $one) {
            $changed = $one->changing($one->spots[0]->id, static fn (Spot $spot): Spot => $spot->nudged(-12_700, 8_000)->turned(25));
            foreach ([$one, $changed] as $written) {
                $data = json_decode((string) json_encode(ArrangementWriter::write($written)), true);
                self::assertEquals($written, ArrangementReader::read($data, Unit::Millimetre), $one->key);
            }
        }
    }

    public function test_each_place_is_said_in_one_sentence_by_the_ruler_in_use(): void
    {
        $spot = static fn (SpotKind $kind, array $measures, array $options): Spot => Spot::by(
            'piece-1',
            Stands::Small,
            $kind,
            'focal',
            array_map(static fn (string $text): Dim => Dim::parse($text, Unit::Inch), $measures),
            $options,
        );
        $beside = $spot(SpotKind::Beside, ['gap' => '1/8 in; 3 mm', 'along' => '1/2 of it'], ['edge' => 'left'])->turned(-15);
        self::assertSame('lies at the left of the focal point with a gap of 1/8 in, 1/2 along, turned -15°', $beside->says(Unit::Inch));
        self::assertStringContainsString('a gap of 3 mm,', $beside->says(Unit::Millimetre));
        $lapped = $spot(SpotKind::Lapped, ['by' => '2/5 of it', 'along' => '1/2 of it'], ['side' => 'top left'])->lifted(true);
        $says = 'lies over or under the top left of the focal point by 2/5 of itself, 1/2 along, on foam';
        self::assertSame($says, $lapped->says(Unit::Inch), 'what it is tucked by is of its own, what it lies along is of the other');

        foreach (Arrangements::all() as $one) {
            foreach ($one->spots as $place) {
                self::assertMatchesRegularExpression('~^[a-z0-9 ,/°-]+$~', $place->says(Unit::Inch), $one->key);
            }
        }
    }

    public function test_whatever_is_written_is_read_whole_or_refused_by_its_places(): void
    {
        $random = new Randomizer(new Mt19937(13));
        $all = array_values(Arrangements::all());
        $front = Size::parse('4 1/4', '5 1/2', Unit::Inch);
        $answers = ['read' => 0, 'refused' => 0];
        for ($n = 0; $n < 400; $n++) {
            $data = ArrangementWriter::write($all[$random->getInt(0, count($all) - 1)]);
            for ($wrong = $random->getInt(1, 2); $wrong > 0; $wrong--) {
                self::spoil($data, $random);
            }
            try {
                $read = ArrangementReader::read($data, Unit::Inch);
                Sample::of($read, $front, Unit::Inch);
                self::assertEquals($read, ArrangementReader::read(ArrangementWriter::write($read), Unit::Inch));
                $answers['read']++;
            } catch (BadArrangement $bad) {
                self::assertNotSame([], $bad->faults);
                self::assertNotContains('', $bad->faults);
                $answers['refused']++;
            }
        }
        self::assertGreaterThan(40, min($answers), 'both happen');
    }

    /**
     * One of its values, at any depth, is replaced.
     *
     * @param  array<array-key, mixed>  $data
     */
    private static function spoil(array &$data, Randomizer $random): void
    {
        $key = array_keys($data)[$random->getInt(0, count($data) - 1)];
        if (is_array($data[$key]) && $data[$key] !== [] && $random->getInt(0, 3) > 0) {
            self::spoil($data[$key], $random);

            return;
        }
        $measures = ['1/3 of it', '1/0 of it', '-1/4 in', '3 mm'];
        $instead = ['', 'front', 'focal', 'piece-1', 'sideways', ...$measures, 7, -400, null, true, [], ['x' => 1]];
        $data[$key] = $instead[$random->getInt(0, count($instead) - 1)];
    }

    public function test_every_fault_of_what_is_written_is_told_at_its_place(): void
    {
        $data = ArrangementWriter::write(Arrangements::all()['centred']);
        $data['name'] = '';
        $data['family'] = 'sideways';
        $data['spots'][0] = [...$data['spots'][0], 'of' => 'nowhere', 'turn' => 400];
        $data['spots'][1]['measures']['by'] = '9/8 of it';
        $data['spots'][2] = [...$data['spots'][2], 'id' => 'elephant'];
        try {
            ArrangementReader::read($data, Unit::Inch);
            self::fail('It was read.');
        } catch (BadArrangement $bad) {
            $places = array_keys($bad->faults);
            sort($places);
            self::assertSame(['family', 'name', 'spots.0.of', 'spots.0.turn', 'spots.1.by', 'spots.1.of', 'spots.2.id'], $places);
        }

        $ring = ArrangementWriter::write(Arrangements::all()['centred']);
        [$first, $second] = $ring['spots'];
        $ring['spots'][0] = [...$first, 'of' => $second['id']];
        $ring['spots'][1] = [...$second, 'of' => $first['id']];
        $this->expectException(BadArrangement::class);
        $this->expectExceptionMessage('measured from itself');
        ArrangementReader::read($ring, Unit::Inch);
    }

    public function test_a_piece_is_tucked_by_exactly_so_much_and_moved_by_marks(): void
    {
        $tucked = self::lapped('left', '1/2');
        $group = self::group($tucked, ['focal' => [1, 2], 'piece-1' => [1, 1]]);
        // The picture is 1 in wide in the middle of a front 4 1/4 in wide, so its left edge is at 1 5/8 in.
        self::assertSame(Length::inches(1, 5, 8)->units, $group->piece('focal')?->bounds[0]);
        self::assertSame(Length::inches(2, 1, 8)->units, $group->piece('piece-1')?->bounds[2]);

        $nudged = $tucked->changing('piece-1', static fn (Spot $spot): Spot => $spot->nudged(-25_400, 12_700));
        $moved = self::group($nudged, ['focal' => [1, 2], 'piece-1' => [1, 1]])->piece('piece-1');
        self::assertSame([-25_400, 12_700], [$moved?->x - $group->piece('piece-1')->x, $moved?->y - $group->piece('piece-1')->y]);
    }

    public function test_the_other_pieces_move_together_when_one_is_gone(): void
    {
        $tucked = self::lapped('left', '1/2')->changing('focal', static fn (Spot $spot): Spot => $spot->key());
        $group = self::group($tucked, ['piece-1' => [1, 1]]);

        self::assertSame(['focal'], $group->gone());
        self::assertSame(Length::inches(2, 5, 8)->units, $group->piece('piece-1')?->bounds[2], 'by the middle of the place');
    }

    public function test_layers_stand_on_foam_and_get_a_shim_where_two_heights_meet(): void
    {
        $centred = Arrangements::all()['tucked-lower-left'];
        $pieces = ['focal' => [1, 2], 'sentiment' => [2, 1]];
        $group = self::group($centred, $pieces);
        $words = $group->piece('sentiment');
        self::assertSame([1, 1, true], [$group->piece('focal')?->up, $words?->up, $words?->isShimmed]);
        self::assertSame(['focal'], $group->piece('sentiment')?->under);

        $flat = Group::of($centred, self::layout(), self::stands($pieces), Unit::Inch, false);
        $words = $flat->piece('sentiment');
        self::assertSame([0, 0, false], [$flat->piece('focal')?->up, $words?->up, $words?->isShimmed]);
    }

    /** @return iterable<string, array{string, Arrangement, array<string, array{0: int, 1: int, 2?: Shape}>}> */
    public static function broken(): iterable
    {
        $at = Arrangements::at(...);
        $one = static fn (Spot $first, Spot ...$more): Arrangement => Arrangement::of(
            'own',
            'Own',
            Family::Centred,
            [$first, ...array_values($more)],
        );
        $focal = $at('focal', Stands::Picture, 'front');
        $words = $at('sentiment', Stands::Words, 'front', [1, 2], [7, 8]);
        $small = $at('piece-1', Stands::Small, 'front', [1, 4], [1, 4]);

        yield 'larger than the front' => ['within-front', $one($focal), ['focal' => [5, 2]]];
        yield 'words covered' => ['words-clear', $one($words, $at('focal', Stands::Picture, 'front', [1, 2], [7, 8])), [
            'focal' => [1, 1],
            'sentiment' => [2, 1],
        ]];
        yield 'a face covered' => ['faces-clear', $one($focal, $at('piece-1', Stands::Small, 'focal', [7, 8], [2, 5])), [
            'focal' => [2, 2, Shape::Sheep],
            'piece-1' => [1, 1],
        ]];
        yield 'hidden' => ['pieces-show', $one($at('piece-1', Stands::Small, 'focal'), $focal), ['focal' => [2, 2], 'piece-1' => [1, 1]]];
        yield 'a backing too small' => ['backing-larger', $one($at('piece-backing', Stands::Backing, 'front'), $focal), [
            'focal' => [2, 2],
            'piece-backing' => [2, 3],
        ]];
        yield 'words across the middle' => ['words-across-picture', $one($focal, $at('sentiment', Stands::Words, 'focal')), [
            'focal' => [2, 2],
            'sentiment' => [2, 1],
        ]];
        yield 'grazed by chance' => ['pieces-apart', $one($small, $focal), ['focal' => [2, 3], 'piece-1' => [2, 2]]];
        yield 'leaning over' => ['pieces-stand', $one($focal->turned(40)), ['focal' => [1, 2, Shape::Lighthouse]]];
        yield 'foam on foam' => ['flat-and-foam', $one($at('piece-backing', Stands::Backing, 'front')->lifted(), $focal->lifted()), [
            'focal' => [1, 1],
            'piece-backing' => [2, 2],
        ]];
        yield 'two of them' => ['odd-pictures', $one($focal, $small), ['focal' => [1, 1], 'piece-1' => [1, 1]]];
        yield 'in one line' => ['loose-triangle', $one(
            $small,
            $focal,
            $at('piece-2', Stands::Small, 'front', [3, 4], [3, 4]),
        ), ['focal' => [1, 1], 'piece-1' => [1, 1], 'piece-2' => [1, 1]]];
        yield 'out at an edge' => ['near-thirds', $one($at('focal', Stands::Picture, 'front', [1, 8], [1, 2])), ['focal' => [1, 1]]];
    }

    /** @param  array<string, array{0: int, 1: int, 2?: Shape}>  $pieces */
    #[DataProvider('broken')]
    public function test_a_rule_that_is_broken_says_why_and_what_to_do(string $key, Arrangement $arrangement, array $pieces): void
    {
        $group = self::group($arrangement, $pieces);
        $broken = [];
        foreach (CraftRules::all() as $rule) {
            foreach ($rule->broken($group) as $one) {
                $broken[$rule->key()] = $one;
            }
        }

        self::assertArrayHasKey($key, $broken, 'broken: '.implode(', ', array_keys($broken)));
        self::assertNotSame('', $broken[$key]->repair);
        self::assertNotSame([], $broken[$key]->remedies);
        self::assertArrayHasKey($broken[$key]->part, $group->pieces);
    }

    public function test_no_rule_is_broken_by_what_is_as_it_should_be(): void
    {
        $group = self::group(Arrangements::all()['tucked-lower-left'], [
            'focal' => [1, 2],
            'piece-1' => [1, 1],
            'piece-2' => [1, 1],
            'sentiment' => [2, 1],
        ]);

        self::assertNull(CraftRules::firstBroken($group)?->says);
    }

    public function test_trimmings_are_an_odd_group_clear_of_words_and_pictures(): void
    {
        foreach ([1, 3, 5] as $many) {
            $stands = self::stands(['focal' => [1, 2], 'sentiment' => [2, 1]]);
            $group = Group::of(Arrangements::all()['centred'], self::layout(), $stands, Unit::Inch, true, $many);
            self::assertCount($many, $group->dots);
            foreach ($group->dots as [$x, $y, $half]) {
                foreach ($group->pieces as $piece) {
                    $isOn = $piece->bounds[0] < $x + $half
                        && $x - $half < $piece->bounds[2]
                        && $piece->bounds[1] < $y + $half
                        && $y - $half < $piece->bounds[3];
                    self::assertFalse($isOn, $piece->part());
                }
            }
        }
        self::assertSame(3, count(array_unique(array_column($group->dots, 2))), 'in three sizes');
    }

    public function test_turning_is_exact_at_right_angles_and_goes_round(): void
    {
        self::assertSame([-400, 300], Turn::of(300, 400, 90));
        self::assertSame([-300, -400], Turn::of(300, 400, 180));
        self::assertSame([400, -300], Turn::of(300, 400, -90));
        self::assertSame([0, 15, -15, 180, -175], array_map(Turn::stepped(...), [1, 14, -13, 180, 185]));
    }

    public function test_a_letter_by_itself_is_not_a_picture(): void
    {
        $named = static fn (string $name): Component => Component::of('x', $name, DieCut::of(Printed::of(
            Size::of(Length::inches(1), Length::inches(1)),
            Serves::Image,
            Shape::Label,
            [Colour::fromHex('#123456')],
        )), 2);

        self::assertSame(['A', '7', 'B'], array_map(Glyph::of(...), array_map($named, ['Letter A', '7', 'b sticker'])));
        self::assertNull(Glyph::of($named('Apple')));
        self::assertFalse(Stands::Small->admits($named('Letter A')));
        self::assertTrue(Stands::Small->admits($named('Apple')));
    }

    private static function lapped(string $side, string $by): Arrangement
    {
        return Arrangement::of('own', 'Own', Family::Centred, [
            Arrangements::lap('piece-1', 'focal', $side, [1, 2])->measuring('by', Dim::parse($by, Unit::Inch)),
            Arrangements::at('focal', Stands::Picture, 'front'),
        ]);
    }

    /** @param  array<string, array{0: int, 1: int, 2?: Shape}>  $pieces */
    private static function group(Arrangement $arrangement, array $pieces): Group
    {
        return Group::of($arrangement, self::layout(), self::stands($pieces), Unit::Inch);
    }

    private static function layout(): Layout
    {
        return Sketches::all()['panel-on-mat']->resolve(Size::parse('4 1/4', '5 1/2', Unit::Inch), Unit::Inch);
    }

    /**
     * Pieces of whole inches, with words of half the height.
     *
     * @param  array<string, array{0: int, 1: int, 2?: Shape}>  $pieces
     * @return array<string, GroupPiece>
     */
    private static function stands(array $pieces): array
    {
        $stands = [];
        foreach ($pieces as $part => $piece) {
            [$width, $height] = $piece;
            $does = Pieces::all()[$part][0];
            $high = $does === Stands::Words ? Length::inches(0, $height, 2) : Length::inches($height);
            $shape = $piece[2] ?? ($does->isPicture() ? Shape::Circle : Shape::Label);
            $stands[$part] = GroupPiece::of($part, $does, "c-$part", ucfirst($part), Size::of(Length::inches($width), $high), $shape);
        }

        return $stands;
    }
}
