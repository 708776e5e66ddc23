<?php

namespace Tests\Core;

use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\Taking;
use KeepShare\Core\Card\Treated;
use KeepShare\Core\Check\AcrossTwoHeights;
use KeepShare\Core\Check\BusyUnderFocalPoint;
use KeepShare\Core\Check\CardInHand;
use KeepShare\Core\Check\Check;
use KeepShare\Core\Check\Checks;
use KeepShare\Core\Check\Finding;
use KeepShare\Core\Check\FitsTogether;
use KeepShare\Core\Check\FoamHoldsSteady;
use KeepShare\Core\Check\FoamInWindow;
use KeepShare\Core\Check\GluedShut;
use KeepShare\Core\Check\HeightForEnvelope;
use KeepShare\Core\Check\OddGroup;
use KeepShare\Core\Check\Overhangs;
use KeepShare\Core\Check\PictureTwice;
use KeepShare\Core\Check\Repair;
use KeepShare\Core\Check\RevealsUnequal;
use KeepShare\Core\Check\SaidTwice;
use KeepShare\Core\Check\ShakerNeedsWindow;
use KeepShare\Core\Check\SpreadGaps;
use KeepShare\Core\Check\StampBeforeLift;
use KeepShare\Core\Check\StripTooShort;
use KeepShare\Core\Check\Thickness;
use KeepShare\Core\Check\ThinPaperLifted;
use KeepShare\Core\Check\ToolsAtHand;
use KeepShare\Core\Check\TreatmentTools;
use KeepShare\Core\Check\VellumShowsGlue;
use KeepShare\Core\Check\WhitesThatDiffer;
use KeepShare\Core\Check\WordsFitOccasion;
use KeepShare\Core\Check\WordsFitPlace;
use KeepShare\Core\Check\WordsStandOut;
use KeepShare\Core\Check\WrongWayUp;
use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Fold\FoldKind;
use KeepShare\Core\Fold\StandardFront;
use KeepShare\Core\Kit\CardBase;
use KeepShare\Core\Kit\Cardstock;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\DieCut;
use KeepShare\Core\Kit\Finish;
use KeepShare\Core\Kit\Foam;
use KeepShare\Core\Kit\FoldEdge;
use KeepShare\Core\Kit\Good;
use KeepShare\Core\Kit\Occasion;
use KeepShare\Core\Kit\Printed;
use KeepShare\Core\Kit\Serves;
use KeepShare\Core\Kit\Shape;
use KeepShare\Core\Kit\Tool;
use KeepShare\Core\Kit\ToolKind;
use KeepShare\Core\Kit\Words;
use KeepShare\Core\Measure\Length;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;
use KeepShare\Core\Sketch\Anchor;
use KeepShare\Core\Sketch\Circle;
use KeepShare\Core\Sketch\Dim;
use KeepShare\Core\Sketch\Edge;
use KeepShare\Core\Sketch\Form;
use KeepShare\Core\Sketch\Inset;
use KeepShare\Core\Sketch\MatUnder;
use KeepShare\Core\Sketch\Middle;
use KeepShare\Core\Sketch\Part;
use KeepShare\Core\Sketch\Relation;
use KeepShare\Core\Sketch\Role;
use KeepShare\Core\Sketch\Seam;
use KeepShare\Core\Sketch\Sketch;
use KeepShare\Core\Sketch\Sketches;
use KeepShare\Core\Sketch\Slice;
use KeepShare\Core\Table\Inventory;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Kits;

/** Every check, with and without a finding, on a good card that is made wrong in one way at a time. */
final class CheckTest extends TestCase
{
    public function test_a_good_card_gives_no_finding(): void
    {
        self::assertSame([], Checks::look(self::hand()));
    }

    public function test_base_envelope_and_front_of_other_sizes(): void
    {
        $five = CardBase::of(StandardFront::FiveBySeven->size(), FoldEdge::Side, Colour::fromHex('#fbf8ef'));

        self::assertFires(new FitsTogether, self::hand(goods: ['base' => $five]), 'The base is not the size of the front.');
        self::assertFires(
            new FitsTogether,
            self::hand(goods: ['base' => $five], front: StandardFront::FiveBySeven),
            'The card does not fit its envelope',
        );
    }

    public function test_a_busy_paper_right_under_the_focal_point(): void
    {
        self::assertFires(new BusyUnderFocalPoint, self::hand(['panel' => ['fish-scale', 0]]), 'Fish scale, which is busy');
        self::assertSilent(new BusyUnderFocalPoint, self::hand(['panel' => ['fish-scale', 1]]));
    }

    public function test_words_that_do_not_stand_out(): void
    {
        $pale = self::words('#fbfaf5', '#e9e6dc');
        self::assertFires(new WordsStandOut, self::hand(goods: ['happy-birthday' => $pale]), 'hard to read');
        self::assertFires(
            new WordsStandOut,
            self::hand(['panel' => ['signal-stars', 1]], goods: ['happy-birthday' => self::words('#e4eef0', '#1d3442')]),
            'fades into Foam',
        );
        self::assertSilent(new WordsStandOut, self::hand());
    }

    public function test_words_for_another_occasion(): void
    {
        self::assertFires(new WordsFitOccasion, self::hand(occasion: 'sympathy'), '“happy birthday” is not for sympathy');
    }

    public function test_the_same_words_or_picture_on_two_cards(): void
    {
        $twin = self::card(number: 7);
        $other = Card::of(8, Sketches::all()['panel-on-mat'], StandardFront::A2->size(), Occasion::of('hello'), [
            Taking::some('ahoy', 'sentiment', 1),
            Taking::some('gull', 'focal', 1),
        ]);

        self::assertFires(new SaidTwice, self::hand(others: [$twin, $other]), 'is on card 7 too');
        self::assertFires(new PictureTwice, self::hand(others: [$twin, $other]), 'is on card 7 too');
        self::assertSilent(new SaidTwice, self::hand(others: [$other]));
        self::assertSilent(new PictureTwice, self::hand(others: [$other]));
    }

    public function test_two_whites_that_differ_side_by_side(): void
    {
        $bright = CardBase::of(StandardFront::A2->size(), FoldEdge::Side, Colour::fromHex('#ffffff'));

        self::assertFires(new WhitesThatDiffer, self::hand(['mat' => ['shell', 0]], goods: ['base' => $bright]), 'The white of the mat');
        self::assertSilent(new WhitesThatDiffer, self::hand(goods: ['base' => $bright]));
        self::assertSilent(new WhitesThatDiffer, self::hand(['mat' => ['tide-table', 0]], goods: ['base' => $bright]));
    }

    public function test_too_few_foam_squares_and_none(): void
    {
        self::assertFires(new FoamHoldsSteady, self::hand(foam: 2), '2 foam squares let the picture wobble');
        self::assertFires(new FoamHoldsSteady, self::hand(foam: 0), 'no foam left');
        self::assertSilent(new FoamHoldsSteady, self::hand(foam: 3));
    }

    public function test_an_even_group(): void
    {
        self::assertFires(new OddGroup, self::hand(gems: 4), 'even group');
        self::assertSilent(new OddGroup, self::hand(gems: 5));
    }

    public function test_a_thick_card_is_a_question(): void
    {
        $finding = self::assertFires(
            new HeightForEnvelope,
            self::hand(goods: ['foam-squares' => Foam::of(Length::millimetres(4))]),
            'thick',
        );

        self::assertTrue($finding->isHint);
        self::assertStringContainsString('Ask locally', $finding->repair);
        self::assertSame('≈ 3.5 mm', Thickness::of(self::hand())->label(Unit::Millimetre));
    }

    public function test_a_part_that_hangs_over_what_carries_it(): void
    {
        $label = Part::of('label', 'label', Role::Label, Middle::at(Anchor::Right, 'panel', self::inch(1), self::inch(1), self::inch(1)));
        $over = Part::of('flag', 'flag', Role::Label, Seam::over(Edge::Right, 'label', self::inch(0, 1, 2)));
        self::assertSilent(new Overhangs, self::on([self::panel(), $label, $over]));

        $low = Part::of('low', 'low strip', Role::Strip, MatUnder::under('flag', self::inch(0, 1, 16)));
        $tail = Part::of('tail', 'tail', Role::Label, Inset::in('wide', self::inch(0, 1, 16)));
        self::assertSilent(new Overhangs, self::on([self::panel(), $label, $over, $low]));
        $wide = Part::guide('wide', MatUnder::under('label', self::inch(0, 1, 8)));
        self::assertSilent(new Overhangs, self::on([self::panel(), $label, $wide, $tail]));

        $finding = self::assertFires(
            new Overhangs,
            self::on(
                [self::panel()],
                taken: ['panel' => Taking::piece('kelp-card', 'panel', Size::parse('4 1/2', '5 1/4', Unit::Inch), 0, true)],
            ),
            'The piece for the panel is 4 1/2 × 5 1/4 in, its place 4 × 5 1/4 in.',
        );
        self::assertFalse($finding->isHint);
        self::assertFires(
            new Overhangs,
            self::on([self::panel()], goods: ['lantern' => self::picture('5', '2')]),
            'The focal point is larger than the front',
        );
    }

    public function test_a_piece_moved_off_its_carrier_hangs_over_it(): void
    {
        $inner = Part::of(
            'inner',
            'inner',
            Role::Label,
            Middle::at(Anchor::Left, 'panel', self::inch(1), self::inch(1)),
        );
        $moved = Part::of(
            'moved',
            'moved',
            Role::Label,
            Middle::at(Anchor::Left, 'inner', self::inch(1), self::inch(1), self::inch(0, 1, 2)),
        );

        self::assertFires(new Overhangs, self::on([self::panel(), $inner, $moved]), 'The moved hangs over the inner that carries it.');
    }

    public function test_reveals_that_differ_by_a_hair_look_like_a_slip(): void
    {
        $inner = static fn (Dim $across): Part => Part::of(
            'inner',
            'inner',
            Role::Label,
            Middle::at(Anchor::Middle, 'panel', self::inch(3, 1, 2), self::inch(4), $across),
        );

        $finding = self::assertFires(new RevealsUnequal, self::on([self::panel(), $inner(self::inch(0, 1, 16))]), 'a hair off the middle');
        self::assertSame(
            ['measure', ['part' => 'inner', 'measure' => 'across', 'value' => '0']],
            [$finding->repairs[0]->does, $finding->repairs[0]->with],
        );
        self::assertSilent(new RevealsUnequal, self::on([self::panel(), $inner(Dim::none())]));
        self::assertSilent(new RevealsUnequal, self::on([self::panel(), $inner(self::inch(0, 1, 4))]));
    }

    public function test_no_shipped_sketch_overhangs_or_slips_on_any_front(): void
    {
        foreach (Sketches::all() as $sketch) {
            foreach (StandardFront::cases() as $front) {
                $hand = CardInHand::of(Card::of(1, $sketch, $front->size(), Occasion::of('hello'), []), [], Unit::Inch, []);
                self::assertSame(
                    [],
                    [...(new Overhangs)->look($hand), ...(new RevealsUnequal)->look($hand)],
                    "$sketch->name on $front->value",
                );
            }
        }
    }

    public function test_a_directional_print_that_lies_on_its_side_or_leans(): void
    {
        $finding = self::assertFires(new WrongWayUp, self::hand(['panel' => ['wave', 0]]), 'Wave on the panel may be cut lying');
        self::assertSame(['Turn it over to Sea glass', 'fill'], [$finding->repairs[0]->says, $finding->repairs[0]->does]);
        self::assertSilent(new WrongWayUp, self::hand(['panel' => ['wave', 1]]));

        $ray = Part::of('ray', 'ray', Role::Accent, Inset::in('front'), Form::ray(1, 8));
        $upright = static fn (string $paper): array => ['ray' => Taking::piece($paper, 'ray', Size::parse('2', '2', Unit::Inch), 0, false)];
        self::assertFires(new WrongWayUp, self::on([$ray], taken: $upright('rope-stripe')), 'lies at an angle');
        self::assertSilent(new WrongWayUp, self::on([$ray], taken: $upright('signal-stars')));
    }

    public function test_words_larger_than_their_place(): void
    {
        self::assertFires(
            new WordsFitPlace,
            self::hand(goods: ['happy-birthday' => self::picture('4', '1/2')]),
            'The sentiment is 4 × 1/2 in, the place for it 3 3/4 × 1 1/4 in.',
        );
        self::assertSilent(new WordsFitPlace, self::hand());
    }

    public function test_glue_shows_through_bare_vellum(): void
    {
        $vellum = Cardstock::of(Size::parse('8 1/2', '11', Unit::Inch), Colour::fromHex('#f4f4f0'), finish: Finish::Vellum);

        self::assertFires(
            new VellumShowsGlue,
            self::on([self::panel()], ['panel' => 'kelp-card'], ['kelp-card' => $vellum]),
            'The panel is vellum with nothing solid on it',
        );
        self::assertSilent(new VellumShowsGlue, self::hand(goods: ['kelp-card' => $vellum]));
        self::assertSilent(new VellumShowsGlue, self::on([self::panel()], ['panel' => 'kelp-card']));
    }

    public function test_thin_paper_on_foam_and_in_a_flap(): void
    {
        $raised = Part::of('panel', 'panel', Role::Field, Inset::in('front'), null, 1);
        self::assertFires(new ThinPaperLifted, self::on([$raised], ['panel' => 'wave']), 'thin paper on foam');
        self::assertSilent(new ThinPaperLifted, self::on([$raised], ['panel' => 'kelp-card']));
        self::assertSilent(new ThinPaperLifted, self::on([self::panel()], ['panel' => 'wave']));

        $sleeve = ['fold-sleeve' => Taking::piece('wave', 'fold-sleeve', Size::parse('6', '5', Unit::Inch), 0, true)];
        self::assertTrue(
            self::assertFires(
                new ThinPaperLifted,
                self::on([self::panel()], taken: $sleeve, fold: FoldKind::Slider),
                'The sleeve is thin paper',
            )->isHint,
        );
    }

    public function test_what_lies_across_two_heights_rocks(): void
    {
        $raised = Part::of(
            'block',
            'block',
            Role::Label,
            Slice::along(Edge::Left, 'panel', self::inch(2)),
            null,
            1,
        );
        $across = static fn (Dim $width): Part => Part::of(
            'across',
            'long strip',
            Role::Strip,
            Middle::at(Anchor::Left, 'panel', $width, self::inch(1)),
        );

        self::assertFires(
            new AcrossTwoHeights,
            self::on([self::panel(), $raised, $across(self::inch(3))], picture: false),
            'The long strip lies across two heights',
        );
        self::assertSilent(new AcrossTwoHeights, self::on([self::panel(), $raised, $across(self::inch(1, 3, 4))], picture: false));
        $flat = Part::of('block', 'block', Role::Label, Slice::along(Edge::Left, 'panel', self::inch(2)));
        self::assertSilent(new AcrossTwoHeights, self::on([self::panel(), $flat, $across(self::inch(3))], picture: false));
        self::assertFires(
            new AcrossTwoHeights,
            self::on(
                [self::panel(), $raised],
                goods: ['happy-birthday' => self::picture('1', '1/2')],
                sentiment: Slice::along(Edge::Bottom, 'block', self::inch(1)),
            ),
            'The focal point lies across two heights',
        );
    }

    public function test_foam_seen_through_a_window(): void
    {
        $window = static fn (Dim $rim, int $foam): array => [
            Part::of('frame', 'frame', Role::Ground, Inset::in('front'), Form::window($rim), $foam),
        ];

        $finding = self::assertFires(new FoamInWindow, self::on($window(self::inch(0, 3, 8), 1)), 'will be seen through the opening');
        self::assertSame('rim', $finding->repairs[0]->with['measure']);
        self::assertStringContainsString('at least 1/2 in, so that', $finding->repair);
        self::assertSilent(new FoamInWindow, self::on($window(self::inch(0, 1, 2), 1)));
        self::assertSilent(new FoamInWindow, self::on($window(self::inch(0, 3, 8), 0)));

        $metric = static function (int $millimetres) use ($window): CardInHand {
            $hand = self::on($window(Dim::fixed(Length::inches(1), Length::millimetres($millimetres)), 1));

            return CardInHand::of($hand->card, $hand->components, Unit::Millimetre, []);
        };
        self::assertFires(new FoamInWindow, $metric(11), 'will be seen through the opening');
        self::assertSilent(new FoamInWindow, $metric(12));
    }

    public function test_a_flap_that_would_be_glued_shut(): void
    {
        self::assertFires(
            new GluedShut,
            self::on([self::panel()], fold: FoldKind::Gatefold),
            'The panel and the focal point and the sentiment would lie across both flaps',
        );
        $left = Part::of('panel', 'panel', Role::Field, Slice::along(Edge::Left, 'front', self::inch(2)));
        self::assertSilent(
            new GluedShut,
            self::on(
                [$left],
                fold: FoldKind::Gatefold,
                focal: Inset::in('panel'),
                sentiment: Inset::in('panel'),
                goods: ['happy-birthday' => self::picture('1', '1/2')],
            ),
        );
        self::assertFires(
            new GluedShut,
            self::on([self::panel()], fold: FoldKind::EnvelopeFlap),
            'The focal point would lie across the flap and the front',
        );
        self::assertSilent(new GluedShut, self::on([self::panel()]));
    }

    public function test_a_strip_or_ribbon_that_does_not_reach(): void
    {
        $strip = Part::of('strip', 'strip', Role::Strip, Slice::along(Edge::Bottom, 'panel', self::inch(1)));
        $piece = static fn (string $long): array => [
            'strip' => Taking::piece('kelp-card', 'strip', Size::parse($long, '1', Unit::Inch), 0, true),
        ];

        self::assertFires(
            new StripTooShort,
            self::on([self::panel(), $strip], taken: $piece('3 3/4')),
            'The piece for the strip is 1/4 in short',
        );
        self::assertSilent(new StripTooShort, self::on([self::panel(), $strip], taken: $piece('4')));
        $bow = static fn (int $inches): array => ['bow' => Taking::some('twine', 'bow', Length::inches($inches)->units)];
        self::assertFires(new StripTooShort, self::on([self::panel()], taken: $bow(8)), '8 in of ribbon are too short for a bow');
        self::assertSilent(new StripTooShort, self::on([self::panel()], taken: $bow(12)));
    }

    public function test_stamping_after_popping_up(): void
    {
        $raised = [self::panel(), Part::of('block', 'block', Role::Label, Inset::in('panel', self::inch(0, 1, 4)), null, 1)];
        $stamped = ['sentiment' => Taking::some('stamp-hello', 'sentiment', 0)];
        $label = ['sentiment-label' => Taking::piece('shell', 'sentiment-label', Size::parse('2 1/4', '5/8', Unit::Inch), 0, true)];

        // Without a label the stamp has no size on the front, so its words are looked for at their place.
        self::assertTrue(
            self::assertFires(new StampBeforeLift, self::on($raised, taken: [...$stamped, ...$label]), 'lies on a raised part')->isHint,
        );
        self::assertFires(
            new StampBeforeLift,
            self::on($raised, taken: $stamped),
            'The words are stamped on the block, which stands on foam.',
        );
        self::assertSilent(new StampBeforeLift, self::on([self::panel()], taken: $stamped));
        self::assertSilent(new StampBeforeLift, self::on($raised));
    }

    public function test_tools_that_are_not_there(): void
    {
        $circle = static fn (Dim $diameter): array => [
            self::panel(),
            Part::of('dot', 'dot', Role::Label, Circle::in('panel', $diameter), Form::round()),
        ];

        self::assertTrue(self::assertFires(new ToolsAtHand, self::on($circle(self::inch(3))), 'a circle of 3 in')->isHint);
        $die = Tool::of(ToolKind::Die, Size::parse('3', '3', Unit::Inch), Shape::Circle);
        self::assertSilent(new ToolsAtHand, self::on($circle(self::inch(3)), goods: ['die-circle' => $die]));
        $border = [
            self::panel(),
            Part::of(
                'border',
                'border',
                Role::Strip,
                Slice::along(Edge::Bottom, 'panel', self::inch(1)),
                Form::scallop(Edge::Top, self::inch(0, 1, 4)),
            ),
        ];
        self::assertFires(new ToolsAtHand, self::on($border), 'scalloped edge');
        self::assertSilent(new ToolsAtHand, self::on($border, goods: ['edge-punch' => Tool::of(ToolKind::Punch)]));
        self::assertSilent(new ToolsAtHand, self::hand());
    }

    public function test_a_set_says_the_same_on_purpose(): void
    {
        $card = static fn (int $number, ?int $set): Card => Card::of(
            $number,
            Sketches::all()['panel-on-mat'],
            StandardFront::A2->size(),
            Occasion::of('birthday'),
            self::card()->takings,
            set: $set,
        );
        $components = Inventory::unpacked(Kits::demo())->components;

        self::assertSilent(new SaidTwice, CardInHand::of($card(1, 4), $components, Unit::Inch, [$card(2, 4)]));
        self::assertSilent(new PictureTwice, CardInHand::of($card(1, 4), $components, Unit::Inch, [$card(2, 4)]));
        self::assertFires(new SaidTwice, CardInHand::of($card(1, 4), $components, Unit::Inch, [$card(2, 5)]), 'is on card 2 too');
    }

    public function test_gaps_in_the_spread_the_maker_asked_for(): void
    {
        $cards = [self::card(), self::card(occasion: 'hello', number: 2)];

        self::assertSame(
            [
                'No card for sympathy. You asked for 1.',
                'Only 1 of the 3 cards for birthday that you asked for.',
                'No card for a man. You asked for 2.',
            ],
            SpreadGaps::of($cards, 0, ['sympathy' => 1, 'birthday' => 3, SpreadGaps::MAN => 2, 'hello' => 1]),
        );
        self::assertSame([], SpreadGaps::of($cards, 2, ['hello' => 1, SpreadGaps::MAN => 2]));
    }

    public function test_a_card_too_thick_for_its_own_envelope(): void
    {
        $finding = self::assertFires(
            new HeightForEnvelope,
            self::hand(goods: ['foam-squares' => Foam::of(Length::millimetres(12))]),
            'is too tight for that',
        );
        self::assertFalse($finding->isHint);
    }

    public function test_a_repair_changes_what_it_says(): void
    {
        $even = (new OddGroup)->look(self::hand(gems: 4))[0];
        self::assertSame([5, 3], array_map(static fn (Repair $repair): int|string => $repair->with['quantity'], $even->repairs));
        $busy = (new BusyUnderFocalPoint)->look(self::hand(['panel' => ['fish-scale', 0]]))[0];
        self::assertSame(['part' => 'panel', 'component' => 'fish-scale', 'face' => 1], $busy->repairs[0]->with);
        $words = (new WordsFitOccasion)->look(self::hand(occasion: 'sympathy'))[0];
        self::assertSame(['birthday'], array_column(array_column($words->repairs, 'with'), 'occasion'));
        $foam = (new FoamHoldsSteady)->look(self::hand(goods: ['lantern' => self::picture('3', '3')], foam: 3))[0];
        self::assertSame(4, $foam->repairs[0]->with['quantity'], 'a larger picture wants more foam');
    }

    public function test_a_treatment_wants_its_tool_and_can_be_left_out(): void
    {
        $hand = self::hand(goods: [
            'waves' => Tool::of(ToolKind::Folder),
            'tiny' => Tool::of(ToolKind::Folder, Size::parse('1', '2', Unit::Inch)),
        ]);
        $treated = static fn (string $treatment, ?string $tool): CardInHand => CardInHand::of(
            $hand->card->fitted(array_map(
                static fn (Taking $taking): Taking => $taking->part === 'panel'
                    ? $taking->treated([Treated::by($treatment, $tool)])
                    : $taking,
                $hand->card->takings,
            )),
            $hand->components,
            Unit::Inch,
            [],
        );
        $check = new TreatmentTools;
        self::assertSame([], $check->look($treated('emboss', 'waves')));
        self::assertSame([], $check->look($treated('corners', null)), 'hands will do');
        $finding = self::assertFires($check, $treated('emboss', 'gone'), 'is to be embossed, and the tool for it is not there');
        self::assertSame([['', 0], ['folder-ripple', 1], ['waves', 1]], array_map(
            static fn (Repair $repair): array => [$repair->with['tool'], $repair->with['isOn']],
            $finding->repairs,
        ));
        self::assertCount(1, $check->look($treated('emboss', 'happy-birthday')), 'a stamp embosses nothing');
        self::assertFires($check, $treated('emboss', 'tiny'), 'is smaller than the panel: its edge would show');
    }

    public function test_a_shaker_uses_a_sketch_with_a_window(): void
    {
        $hand = self::hand();
        $shaker = CardInHand::of($hand->card->onFold(FoldKind::Shaker), $hand->components, Unit::Inch, []);

        self::assertFires(new ShakerNeedsWindow, $shaker, 'has none');
        self::assertSame([], (new ShakerNeedsWindow)->look($hand));
    }

    public function test_every_check_has_a_key_of_its_own(): void
    {
        $keys = array_map(static fn (Check $check): string => $check->key(), Checks::all());

        self::assertSame($keys, array_unique($keys));
        self::assertSame(41, count($keys));
    }

    private static function assertFires(Check $check, CardInHand $hand, string $says): Finding
    {
        $found = $check->look($hand);
        self::assertCount(1, $found);
        self::assertStringContainsString($says, $found[0]->says);
        self::assertSame($check->key(), $found[0]->check);
        self::assertNotSame('', $found[0]->repair);

        return $found[0];
    }

    private static function assertSilent(Check $check, CardInHand $hand): void
    {
        self::assertSame([], $check->look($hand));
    }

    /**
     * @param  array<string, array{string, int}>  $surfaces  by part
     * @param  array<string, Good>  $goods  in place of the kit's, by id
     * @param  list<Card>  $others
     */
    private static function hand(
        array $surfaces = [],
        array $goods = [],
        StandardFront $front = StandardFront::A2,
        string $occasion = 'birthday',
        int $foam = 4,
        int $gems = 3,
        array $others = [],
    ): CardInHand {
        $components = Inventory::unpacked(Kits::demo())->components;
        foreach ($goods as $id => $good) {
            $components[$id] = Component::of($id, $id, $good, 2);
        }

        return CardInHand::of(self::card($surfaces, $front, $occasion, $foam, $gems), $components, Unit::Inch, $others);
    }

    /** @param  array<string, array{string, int}>  $surfaces */
    private static function card(
        array $surfaces = [],
        StandardFront $front = StandardFront::A2,
        string $occasion = 'birthday',
        int $foam = 4,
        int $gems = 3,
        int $number = 1,
    ): Card {
        $layout = Sketches::all()['panel-on-mat']->resolve($front->size(), Unit::Inch);
        $surfaces += ['mat' => ['kelp-card', 0], 'panel' => ['chart-grid', 0]];
        $takings = array_map(
            static fn (string $part): Taking => Taking::piece(
                $surfaces[$part][0],
                $part,
                $layout->part($part)->cut ?? self::fail(),
                $surfaces[$part][1],
                true,
            ),
            array_keys($surfaces),
        );

        return Card::of($number, Sketches::all()['panel-on-mat'], $front->size(), Occasion::of($occasion), array_values(array_filter([
            ...$takings,
            Taking::some('base', 'base', 1),
            Taking::some('envelope', 'envelope', 1),
            Taking::some('lantern', 'focal', 1),
            Taking::some('happy-birthday', 'sentiment', 1),
            $foam === 0 ? null : Taking::some('foam-squares', 'foam', $foam),
            Taking::some('gems-sea', 'embellishment', $gems),
        ])));
    }

    private static function inch(int $whole, int $over = 0, int $under = 1): Dim
    {
        return Dim::exactly(Length::inches($whole, $over, $under));
    }

    private static function panel(): Part
    {
        return Part::of('panel', 'panel', Role::Field, Inset::in('front'));
    }

    /**
     * A card on a sketch with these parts.
     *
     * @param  non-empty-list<Part>  $parts
     * @param  array<string, string>  $surfaces  the component of a part, cut to its size
     * @param  array<string, Good>  $goods  in place of the kit's, by id
     * @param  array<string, Taking>  $taken  in place of what it takes otherwise, by part
     */
    private static function on(
        array $parts,
        array $surfaces = [],
        array $goods = [],
        array $taken = [],
        FoldKind $fold = FoldKind::Side,
        bool $picture = true,
        ?Relation $focal = null,
        ?Relation $sentiment = null,
    ): CardInHand {
        $sketch = Sketch::of(
            'test',
            'Test',
            $parts,
            $focal ?? Middle::inside('front', self::inch(2), self::inch(2, 1, 2)),
            $sentiment ?? Slice::along(Edge::Bottom, 'front', self::inch(1)),
            5,
        );
        $layout = $sketch->resolve(StandardFront::A2->size(), Unit::Inch);
        $takings = $picture
            ? [
                'focal' => Taking::some('lantern', 'focal', 1),
                'sentiment' => Taking::some('happy-birthday', 'sentiment', 1),
            ]
            : [];
        foreach ($surfaces as $part => $component) {
            $takings[$part] = Taking::piece($component, $part, $layout->part($part)->cut ?? self::fail(), 0, true);
        }
        $components = Inventory::unpacked(Kits::demo())->components;
        foreach ($goods as $id => $good) {
            $components[$id] = Component::of($id, $id, $good, 2);
        }

        return CardInHand::of(
            Card::of(
                1,
                $sketch,
                StandardFront::A2->size(),
                Occasion::of('birthday'),
                array_values([...$takings, ...$taken]),
                fold: $fold,
            ),
            $components,
            Unit::Inch,
            [],
        );
    }

    private static function picture(string $width, string $height): DieCut
    {
        return DieCut::of(Printed::of(Size::parse($width, $height, Unit::Inch), Serves::Image, Shape::Label, [Colour::fromHex('#204060')]));
    }

    private static function words(string $ground, string $ink): DieCut
    {
        return DieCut::of(
            Printed::of(
                Size::parse('2 1/2', '1/2', Unit::Inch),
                Serves::Sentiment,
                Shape::Label,
                [Colour::fromHex($ground), Colour::fromHex($ink)],
                Words::of('happy birthday', [Occasion::of('birthday')]),
            ),
        );
    }
}
