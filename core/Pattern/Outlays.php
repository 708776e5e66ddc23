<?php

declare(strict_types=1);

namespace KeepShare\Core\Pattern;

use KeepShare\Core\Card\Part\LabelPart;
use KeepShare\Core\Kit\Applied;
use KeepShare\Core\Kit\CardBase;
use KeepShare\Core\Kit\Cardstock;
use KeepShare\Core\Kit\Component;
use KeepShare\Core\Kit\Envelope;
use KeepShare\Core\Kit\Motif;
use KeepShare\Core\Kit\Serves;
use KeepShare\Core\Kit\Stamp;
use KeepShare\Core\Kit\Tool;
use KeepShare\Core\Measure\Size;
use KeepShare\Core\Sketch\Focus;
use KeepShare\Core\Sketch\Laid;
use KeepShare\Core\Sketch\Layout;
use KeepShare\Core\Sketch\Sketch;
use KeepShare\Core\Table\Table;

/**
 * Every outlay for cards on a table: each sketch in both directions on every front, with words printed, stamped where
 * their ink shows, or stamped on a label.
 */
final readonly class Outlays
{
    /** The printed words and the pictures, each limited by their number. */
    public const WORDS = 'words';

    public const PICTURES = 'pictures';

    public const FRONTS = 'pieces as large as a front';

    public const ENVELOPES = 'envelopes';

    /** @var list<Component> what cards may take */
    private array $components;

    private function __construct(private Table $table)
    {
        $this->components = array_values(array_filter(
            $table->components,
            static fn (Component $one): bool => $table->offers($one->id) && ($one->isEndless() || $one->count > 0),
        ));
    }

    /** @return list<Outlay> */
    public static function on(Table $table): array
    {
        return (new self($table))->all();
    }

    /**
     * All that are as drawn, since such cards look better, and the leanest of the others.
     *
     * @return list<Outlay>
     */
    public static function forLooks(Table $table): array
    {
        $all = self::on($table);
        $isDrawn = static fn (Outlay $outlay): bool => $outlay->sketch->isAsDrawn();
        $given = array_filter(self::leanest($all), static fn (Outlay $outlay): bool => ! $isDrawn($outlay));

        return [...array_filter($all, $isDrawn), ...$given];
    }

    /**
     * Those that no other undercuts. With them alone just as many cards can be made.
     *
     * @param  list<Outlay>  $outlays
     * @return list<Outlay>
     */
    public static function leanest(array $outlays): array
    {
        usort($outlays, static fn (Outlay $a, Outlay $b): int => [$a->area(), count($a->counted)] <=> [$b->area(), count($b->counted)]);
        $leanest = [];
        foreach ($outlays as $outlay) {
            $isUndercut = array_filter($leanest, static fn (Outlay $other): bool => $other->undercuts($outlay)) !== [];
            if (! $isUndercut) {
                $leanest[] = $outlay;
            }
        }

        return $leanest;
    }

    /** The limit on bases with a front. */
    public static function base(Size $front): string
    {
        return "base {$front->shorter()->units}x{$front->longer()->units}";
    }

    /** The limit on those of them that show ink. */
    public static function lightBase(Size $front): string
    {
        return 'light '.self::base($front);
    }

    /** The limit on those of them that are printed. */
    public static function printed(Size $front): string
    {
        return 'printed '.self::base($front);
    }

    /** @return list<string> the limits that a component counts for */
    public static function limitsOf(Component $component): array
    {
        $good = $component->good;

        return match (true) {
            $good instanceof CardBase => [
                self::base($good->front),
                ...$good->showsInk() ? [self::lightBase($good->front)] : [],
                ...$good->printed === null ? [] : [self::printed($good->front)],
            ],
            $component->isEndless() => [],
            $good instanceof Envelope => [self::ENVELOPES],
            $component->words() !== null => [self::WORDS],
            $good instanceof Applied && $good->printed()->isFront() => [self::FRONTS],
            $component->isFocalPoint() => [self::PICTURES],
            default => [],
        };
    }

    /** @return list<Outlay> */
    private function all(): array
    {
        $outlays = [];
        $must = $this->table->wishes->envelopes ? [self::ENVELOPES] : [];
        $sketches = $this->table->sketchesGiving();
        foreach ($this->bases() as [$front, $light, $base]) {
            foreach ($sketches as $sketch) {
                if (! $this->table->allowsOn($sketch, $base)) {
                    continue;
                }
                // What is stamped or laid on the bare base needs that kind of base.
                $own = [self::base($front), ...$sketch->isBare() && $base?->printed !== null ? [self::printed($front)] : []];
                foreach ([$front, $front->turned()] as $way) {
                    $layout = $this->table->layouts->of($sketch, $way);
                    foreach ($layout === null ? [] : $this->onLayout($sketch, $layout, $light) as [$pieces, $counted]) {
                        $outlays[] = Outlay::of($sketch, $way, $pieces, array_values(array_unique([...$own, ...$must, ...$counted])));
                    }
                }
            }
        }

        return $outlays;
    }

    /**
     * Bases, one of each kind.
     *
     * @return array<string, array{Size, string|null, CardBase|null}> front as it stands upright, the limit of the light ones
     *                                                                where ink shows on it, the base where it is ready
     */
    private function bases(): array
    {
        $bases = [];
        foreach ($this->components as $component) {
            $good = $component->good;
            $isBase = $good instanceof CardBase || ($good instanceof Cardstock && $good->makesBases());
            if (! $isBase) {
                continue;
            }
            $front = $good instanceof CardBase ? $good->front : $this->table->front;
            $light = $good->showsInk() ? self::lightBase($front) : null;
            $base = $good instanceof CardBase ? $good : null;
            $key = self::base($front).$light.($base?->printed === null ? '' : 'printed');
            $bases[$key] = [Size::of($front->shorter(), $front->longer()), $light, $base];
        }

        return $bases;
    }

    /** @return iterable<array{list<PartDemand>, list<string>}> */
    private function onLayout(Sketch $sketch, Layout $layout, ?string $light): iterable
    {
        $pieces = [];
        foreach ($layout->parts as $laid) {
            $pieces[$laid->part->id] = self::kind($laid, Source::Paper, Source::Card);
        }
        $pictures = match (true) {
            $sketch->focus->isLean() => [[[], []]],
            $sketch->focus === Focus::Piece => [[[], [self::FRONTS]]],
            default => $this->pictures($layout),
        };
        foreach ($this->words($sketch, $layout, $pieces, $light) as [$own, $said]) {
            foreach ($pictures as [$cut, $taken]) {
                yield [[...array_values($own), ...$cut], [...$said, ...$taken]];
            }
        }
    }

    /**
     * @param  array<string, PartDemand>  $pieces
     * @return iterable<array{array<string, PartDemand>, list<string>}>
     */
    private function words(Sketch $sketch, Layout $layout, array $pieces, ?string $light): iterable
    {
        if ($sketch->focus === Focus::PaperAlone) {
            yield [$pieces, []];

            return;
        }
        $place = $layout->sentiment->size;
        $mayBeStraight = $sketch->focus->isLean() || $sketch->isBare();
        $labels = [];
        $isPrinted = $isStraight = false;
        foreach ($this->components as $component) {
            $good = $component->words() === null ? null : $component->good;
            if ($good instanceof Applied) {
                $isPrinted = $isPrinted || $good->printed()->size->fitsIn($place);
            }
            if ($good instanceof Stamp) {
                $label = $good->label($this->table->unit);
                $labels = $label->fitsIn($place) ? [...$labels, PartDemand::of(Source::Inked, $label)] : $labels;
                $isStraight = $isStraight || ($mayBeStraight && $good->size->fitsIn($place));
            }
        }
        if ($isPrinted) {
            yield [$pieces, [self::WORDS]];
        }
        $inked = $isStraight ? self::stamped($sketch, $layout, $pieces, $light) : null;
        if ($inked !== null) {
            yield $inked;
        }
        foreach ($labels as $label) {
            yield [[...$pieces, LabelPart::ID => $label], []];
        }
    }

    private static function kind(Laid $laid, Source $paper, Source $cardstock): PartDemand
    {
        $role = $laid->part->role;

        return PartDemand::of($role->isPaper() ? $paper : $cardstock, $laid->cut, $role->mayTurn());
    }

    /**
     * The pieces and limits for words that are stamped without a label. Null if their ink would not show.
     *
     * @param  array<string, PartDemand>  $pieces
     * @return array{array<string, PartDemand>, list<string>}|null
     */
    private static function stamped(Sketch $sketch, Layout $layout, array $pieces, ?string $light): ?array
    {
        if ($sketch->focus === Focus::Piece) {
            return [$pieces, []];
        }
        $ground = $layout->ground();
        if ($ground === null) {
            return $light === null ? null : [$pieces, [$light]];
        }
        if (! $ground->rect->contains($layout->sentiment)) {
            return null;
        }
        $pieces[$ground->part->id] = self::kind($ground, Source::CalmPaper, Source::Inked);

        return [$pieces, []];
    }

    /**
     * The ways to a picture: printed, cut with a die, stamped on plain cardstock, or cut out of a print.
     *
     * @return list<array{list<PartDemand>, list<string>}>
     */
    private function pictures(Layout $layout): array
    {
        $ways = [];
        foreach ($this->components as $component) {
            $good = $component->good;
            $printed = $good instanceof Applied ? $good->printed() : null;
            if ($printed?->serves === Serves::Image && $printed->size->fitsIn($layout->focal->size)) {
                $ways[self::PICTURES] = [[], [self::PICTURES]];
            }
            if ($good instanceof Tool && $good->cutsShapes() && $good->makes?->fitsIn($layout->focal->size) === true) {
                $ways['paper'] = [[PartDemand::of(Source::Paper, $good->makes)], []];
                $ways['card'] = [[PartDemand::of(Source::Card, $good->makes)], []];
            }
            $stamped = $good instanceof Stamp && $component->showsStampedPicture() ? $good->label($this->table->unit) : null;
            if ($stamped?->fitsIn($layout->focal->size) === true) {
                $ways["stamped $component->id"] = [[PartDemand::of(Source::Inked, $stamped)], []];
            }
            if ($printed?->isFront() === true && $printed->size->fitsIn($layout->focal->size)) {
                $ways[self::FRONTS] = [[], [self::FRONTS]];
            }
            if ($component->showsPicture() && Motif::cutOut($this->table->unit)->fitsIn($layout->focal->size)) {
                // A motif is cut out of a paper, or a printed panel is cut down to at least the size of a motif.
                $ways['motif'] = [[PartDemand::of(Source::Paper, Motif::cutOut($this->table->unit), true)], []];
            }
        }

        return array_values($ways);
    }
}
