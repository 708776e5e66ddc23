<?php

namespace Tests\Core;

use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Kit\Face;
use KeepShare\Core\Kit\Motif;
use KeepShare\Core\Kit\Surface;
use KeepShare\Core\Outlook\ShareOut;
use KeepShare\Core\Pair\Fit;
use KeepShare\Core\Pair\Pairing;
use KeepShare\Core\Pair\Partner;
use KeepShare\Core\Table\Inventory;
use KeepShare\Core\Table\Preferences;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Kits;

final class PairTest extends TestCase
{
    public function test_two_busy_prints_fight_and_say_what_to_do(): void
    {
        $fit = Fit::between(self::face('#c9603c #f3ecdb', true), self::face('#20405a #e9d7a6', true));

        self::assertLessThan(50, $fit->figure);
        self::assertContains('both busy: put a calm mat between', $fit->reasons);
    }

    public function test_busy_prints_of_different_scale_that_share_a_colour_fight_less(): void
    {
        $small = self::face('#c9603c #f3ecdb', true, Motif::Dots);
        $large = self::face('#f3ecdb #c9603c', true, Motif::Plaid);

        self::assertContains('both busy, but of different scale', Fit::between($small, $large)->reasons);
        self::assertGreaterThan(Fit::figure($small, self::face('#f3ecdb #c9603c', true, Motif::Dots)), Fit::figure($small, $large));
    }

    public function test_a_calm_paper_that_shares_a_colour_goes_well_with_a_busy_one(): void
    {
        $busy = self::face('#b98b50 #f3ecdb', true);
        $calm = self::face('#f3ecdb #b98b50');
        $fit = Fit::between($busy, $calm);

        self::assertGreaterThanOrEqual(80, $fit->figure);
        self::assertSame('shares rope brown', $fit->reasons[0]);
        self::assertContains('busy beside calm', $fit->reasons);
        self::assertSame($fit->figure, Fit::between($calm, $busy)->figure, 'either way round');
        self::assertSame($fit->figure, Fit::figure($busy, $calm));
    }

    public function test_differing_whites_and_merging_backgrounds_are_named(): void
    {
        $reasons = Fit::between(self::face('#ffffff'), self::face('#f6efdc'))->reasons;

        self::assertContains('two whites that differ', $reasons);
        self::assertContains('equally light: the edge is hard to see', $reasons);
    }

    public function test_partners_come_best_first_on_their_better_face(): void
    {
        $chosen = Surface::of('wave', 0, self::face('#dbe9ee #3f87a0'), true);
        $busyFront = Surface::of('net', 0, self::face('#dbe9ee #c9603c'), true);
        $darkBack = Surface::of('net', 1, self::face('#24414f #3f87a0'), true);
        $white = Surface::of('white', 0, self::face('#e2edf0'), false);
        $partners = Pairing::partners($chosen, [$busyFront, $darkBack, $white, Surface::of('wave', 1, self::face('#3f87a0'), true)]);

        self::assertSame(['net/1', 'white/0'], array_map(static fn (Partner $partner): string => $partner->surface->key, $partners));
    }

    public function test_the_mat_parts_the_picture_from_the_paper(): void
    {
        $paper = self::face('#dbe9ee #3f87a0');
        $pale = Surface::of('pale', 0, self::face('#e4eef0'), false);
        $navy = Surface::of('navy', 0, self::face('#24414f'), false);
        $sand = Surface::of('sand', 0, self::face('#e3cfa6'), false);

        self::assertSame('navy', Pairing::mat($paper, [$pale, $navy, $sand])?->component);
        self::assertNotSame(
            'navy',
            Pairing::mat($paper, [$pale, $navy, $sand], Colour::fromHex('#24414f'))?->component,
            'not for a navy picture',
        );
        self::assertNull(Pairing::mat($paper, []));
    }

    public function test_a_card_made_from_a_palette_uses_only_its_papers(): void
    {
        $palette = ['wave/0', 'sea-holly/0', 'kelp-card/0', 'deep-water/0', 'shell/0'];
        $cards = ShareOut::of(Inventory::unpacked(Kits::demo())->under(Preferences::cards(2)->from($palette)))->cards;

        self::assertCount(2, $cards);
        foreach ($cards as $card) {
            foreach ($card->takings as $taking) {
                self::assertTrue(
                    $taking->size === null || in_array("$taking->component/$taking->face", $palette, true),
                    "$taking->component/$taking->face",
                );
            }
        }
        self::assertSame([], ShareOut::of(Inventory::unpacked(Kits::demo())->under(Preferences::cards(1)->from([])))->cards);
    }

    private static function face(string $colours, bool $busy = false, Motif $motif = Motif::Dots): Face
    {
        /** @var non-empty-list<Colour> $read */
        $read = array_map(Colour::fromHex(...), explode(' ', $colours));

        return Face::printed('face', $motif, $read, $busy);
    }
}
