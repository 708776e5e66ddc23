<?php

namespace Tests\Core;

use KeepShare\Core\Arrange\Arrangements;
use KeepShare\Core\Arrange\Craft\CraftRules;
use KeepShare\Core\Arrange\Group;
use KeepShare\Core\Arrange\GroupPiece;
use KeepShare\Core\Arrange\Pieces;
use KeepShare\Core\Card\Card;
use KeepShare\Core\Card\CardGroup;
use KeepShare\Core\Card\Part\FoamPart;
use KeepShare\Core\Colour\Colour;
use KeepShare\Core\Compose\Canvas;
use KeepShare\Core\Compose\Composer;
use KeepShare\Core\Compose\Fitting;
use KeepShare\Core\Compose\Pool;
use KeepShare\Core\Compose\Rearrange;
use KeepShare\Core\Compose\Scraps;
use KeepShare\Core\Kit\Applied;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Kit;
use KeepShare\Core\Kit\Printed;
use KeepShare\Core\Kit\Serves;
use KeepShare\Core\Kit\Shape;
use KeepShare\Core\Kit\Sticker;
use KeepShare\Core\Kit\StickerStuff;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Share\Stretch;
use KeepShare\Core\Table\Inventory;
use KeepShare\Core\Table\Many;
use KeepShare\Core\Table\Preferences;
use KeepShare\Core\Table\RemainingStock;
use KeepShare\Core\Table\Table;
use KeepShare\Core\Table\Wanted;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Flat;
use Tests\Core\Support\Kits;

/** The kit's pieces, spread over the cards of a share-out. */
final class ComposeTest extends TestCase
{
    public function test_most_of_what_a_kit_brings_finds_a_card(): void
    {
        $wishes = Preferences::asManyAsPossible();
        [$some, $table] = self::composed(Kits::demo(), $wishes);
        self::assertCount(10, $some);
        self::assertGreaterThanOrEqual(70, self::percentUsed($some, $table));
        foreach (['rope-frame', 'harbour-tag', 'wave-border'] as $piece) {
            self::assertGreaterThan(0, self::used($some)[$piece] ?? 0, $piece);
        }

        $uses = array_fill_keys(array_keys($table->components), Wanted::UseUp);
        [$many, $table] = self::composed(Kits::demo(), $wishes->pieces(Many::Lots)->using($uses));
        self::assertCount(10, $many);
        // The remaining words are for occasions that no card has.
        self::assertGreaterThanOrEqual(88, self::percentUsed($many, $table));

        [$few] = self::composed(Kits::demo(), $wishes->pieces(Many::Few));
        foreach ($few as $card) {
            self::assertLessThanOrEqual(3, count(self::group($card, $table)->pieces), "card $card->number");
        }
    }

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 15; $seed++) {
            yield "kit $seed" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_groups_on_made_up_kits_follow_the_rules_of_the_craft(int $seed): void
    {
        $wishes = Preferences::asManyAsPossible()->pieces(Many::cases()[$seed % 3]);
        $wishes = match ($seed % 5) {
            1 => $wishes->savingOne(),
            2 => $wishes->using(['image1' => Wanted::Never, 'image2' => Wanted::UseUp, 'piece0' => Wanted::Save]),
            3 => $wishes->forCards(4),
            4 => $wishes->inSetsOf(2),
            default => $wishes,
        };
        [$cards, $table] = self::composed(Kits::rich($seed), $wishes);
        self::assertNotSame([], $cards);
        $pairs = [];
        foreach ($cards as $card) {
            $group = self::group($card, $table);
            $says = "card $card->number, {$card->sketch->key}, {$group->arrangement->key}";
            self::assertSame([], Flat::faults($group), $says);
            self::assertNull(CraftRules::firstBroken($group)?->says, $says);
            $key = "{$card->sketch->key}/{$group->arrangement->key}";
            self::assertTrue(! isset($pairs[$key]) || ($card->set !== null && $pairs[$key] === $card->set), "$says is alike");
            $pairs[$key] = $card->set;
            self::assertFalse(in_array('image1', array_column($card->takings, 'component'), true) && $seed % 5 === 2, 'never');
        }
        $remains = RemainingStock::on($table->after(...$cards));
        foreach ($table->components as $id => $component) {
            if (! $component->isEndless() && isset($table->free[$id])) {
                self::assertGreaterThanOrEqual(0, $remains->left($id), "$id is used no oftener than there is of it");
            }
        }
        foreach (Card::piecesOf($cards) as $id => $pieces) {
            self::assertTrue($table->plan($id, $pieces)->isComplete(), "$id can be cut");
        }
    }

    public function test_what_further_cards_need_is_left_for_them(): void
    {
        foreach ([Kits::demo(), Kits::demo('knitted-hills'), Kits::demo('windfall-orchard')] as $kit) {
            $table = Inventory::unpacked($kit)->under(Preferences::cards(6));
            $bare = Stretch::most($table);
            $further = static fn (array $cards): int => count(
                Stretch::most($table->after(...$cards)->asking(Preferences::asManyAsPossible())),
            );

            self::assertSame($further($bare), $further(Composer::on($table, $bare)), $kit->name);
        }
    }

    /** No way to fill the places of one arrangement from a few pieces has more than what is found. */
    public function test_on_a_tiny_pool_no_more_pieces_could_lie_there(): void
    {
        $compared = 0;
        for ($seed = 1; $seed <= 12; $seed++) {
            $table = Inventory::unpacked(Kits::rich($seed))->under(Preferences::cards(1)->pieces(Many::Lots));
            $card = Stretch::most($table)[0];
            $canvas = Canvas::of($card, $table);
            $pool = Pool::after($table, [$canvas->card]);
            $after = $table->after($canvas->card);
            $pool->onlyThese(array_slice(array_keys(array_filter(
                $table->components,
                static fn ($one): bool => $one->good instanceof Applied && $one->words() === null && $pool->left($one->id) > 0,
            )), 0, 3));
            $fitting = Fitting::on($canvas, $pool, Scraps::of($after, RemainingStock::on($after), false), $table->wishes);
            foreach (array_filter(Arrangements::all(), $fitting->mayBe(...)) as $arrangement) {
                $found = $fitting->in($arrangement, 9);
                if ($found === null || ! $found->isSound || count($arrangement->spots) > 5) {
                    continue;
                }
                $most = $this->mostBy($arrangement->key, $canvas, $pool, $table);
                self::assertLessThanOrEqual($most, count($found->stands), "$seed $arrangement->key");
                // The best match is laid first, so at most one pair of pictures is missed.
                self::assertGreaterThanOrEqual($most - 2, count($found->stands), "$seed $arrangement->key");
                $compared++;
            }
        }
        self::assertGreaterThan(40, $compared);
    }

    public function test_letters_stand_beside_each_other_as_a_word_or_an_age_and_nowhere_else(): void
    {
        $kit = Kits::demo();
        $letters = [];
        foreach (['3', '0', 'H', 'I', 'Q'] as $letter) {
            $printed = Printed::of(Size::parse('1/2', '3/4', $kit->unit), Serves::Image, Shape::Label, [Colour::fromHex('#c9603c')]);
            $letters[] = Component::of("letter-$letter", "Letter $letter", Sticker::of($printed, StickerStuff::Chipboard), 1);
        }
        $with = Kit::of($kit->name, $kit->unit, $kit->front, $kit->promised, $kit->price, [...$kit->components, ...$letters]);
        [$cards] = self::composed($with, Preferences::asManyAsPossible());
        $spelled = [];
        foreach ($cards as $card) {
            $word = '';
            foreach ($card->takings as $taking) {
                if (str_starts_with($taking->component, 'letter-')) {
                    self::assertStringStartsWith('piece-letter-', $taking->part);
                    $word .= substr($taking->component, -1);
                }
            }
            $spelled = $word === '' ? $spelled : [...$spelled, $word];
        }

        self::assertNotSame([], $spelled);
        self::assertSame([], array_diff($spelled, ['30', 'HI']));
    }

    public function test_another_arrangement_keeps_the_pieces_and_the_foam_they_want(): void
    {
        [$cards, $table] = self::composed(Kits::demo(), Preferences::cards(6));
        $seen = 0;
        foreach ($cards as $card) {
            $others = Rearrange::others($card, $table->after(...array_filter($cards, static fn (Card $one): bool => $one !== $card)));
            foreach (array_slice($others, 0, 4) as $other) {
                $before = array_count_values(array_column($card->takings, 'component'));
                $after = array_count_values(array_column($other->card->takings, 'component'));
                self::assertSame(count($other->leavesOff), array_sum($before) - array_sum($after));
                $foam = $other->card->taking(FoamPart::ID);
                if ($foam !== null) {
                    self::assertSame(CardGroup::foamFor(self::group($other->card, $table)), $foam->quantity);
                }
                $isKept = $other->isSound && $other->leavesOff === [];
                $seen += (int) $isKept;
                self::assertSame($other->isSound, CraftRules::firstBroken(self::group($other->card, $table)) === null);
            }
        }
        self::assertGreaterThan(3, $seen);
    }

    /** @return array{list<Card>, Table} */
    private static function composed(Kit $kit, Preferences $wishes): array
    {
        $table = Inventory::unpacked($kit)->under($wishes);
        $cards = Stretch::most($table);
        $table = $table->apartFor(...$cards);

        return [Composer::on($table, $cards), $table];
    }

    private static function group(Card $card, Table $table): Group
    {
        $group = CardGroup::of($card, $card->layout($table->unit), $table->components, $table->unit);
        self::assertNotNull($group, "card $card->number is arranged");

        return $group;
    }

    /**
     * @param  list<Card>  $cards
     * @return array<string, int> how many of each ready-made thing are on cards
     */
    private static function used(array $cards): array
    {
        $used = [];
        foreach ($cards as $card) {
            foreach ($card->takings as $taking) {
                $used[$taking->component] = ($used[$taking->component] ?? 0) + $taking->quantity;
            }
        }

        return $used;
    }

    /** @param  list<Card>  $cards */
    private static function percentUsed(array $cards, Table $table): int
    {
        $pieces = array_filter($table->components, static fn ($one): bool => in_array($one->kind()->value, ['die-cut', 'sticker'], true));
        $all = array_sum(array_map(static fn ($one): int => $one->count, $pieces));

        return intdiv(100 * array_sum(array_intersect_key(self::used($cards), $pieces)), $all);
    }

    private function mostBy(string $key, Canvas $canvas, Pool $pool, Table $table): int
    {
        $arrangement = Arrangements::all()[$key];
        $open = array_values(array_filter($arrangement->spots, static fn ($spot): bool => ! isset($canvas->stands[$spot->id])));
        $most = 0;
        $try = function (int $n, array $stands) use (&$try, &$most, $open, $pool, $canvas, $arrangement): void {
            if ($n === count($open)) {
                $group = $canvas->group($arrangement, $stands);
                $isSound = $group->gone() === [] && CraftRules::firstBroken($group) === null && ! $canvas->isUnfit($group);
                $most = $isSound ? max($most, count($stands)) : $most;

                return;
            }
            $try($n + 1, $stands);
            foreach ($pool->components as $one) {
                $taken = array_column([...$canvas->stands, ...$stands], 'component');
                $isThere = $pool->left($one->id) > 0 && ! in_array($one->id, $taken, true);
                if ($isThere && $open[$n]->stands->admits($one) && $one->good instanceof Applied) {
                    $printed = $one->good->printed();
                    $does = Pieces::all()[$open[$n]->id][0];
                    $stand = GroupPiece::of($open[$n]->id, $does, $one->id, $one->name, $printed->size, $printed->shape);
                    $try($n + 1, [...$stands, $open[$n]->id => $stand]);
                }
            }
        };
        $try(0, []);

        return $most;
    }
}
