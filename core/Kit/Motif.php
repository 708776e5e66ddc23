<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

use KeepShare\Core\Measure\Size;
use KeepShare\Core\Measure\Unit;

/** What is printed on the face of a paper. Each motif is drawn in its own way. */
enum Motif: string
{
    /** Words that mean one of them. */
    private const OTHERS = [
        'pin' => 'dots', 'ticking' => 'stripe', 'pinstripe' => 'stripe', 'buffalo' => 'gingham', 'houndstooth' => 'gingham',
        'ledger' => 'grid', 'lattice' => 'diamonds', 'basketweave' => 'grid', 'woodgrain' => 'woodgrain', 'timber' => 'woodgrain',
        'botanical' => 'sprig', 'greenery' => 'sprig', 'herbs' => 'sprig', 'vines' => 'sprig', 'wildflowers' => 'daisies',
        'stars' => 'star', 'starry' => 'star', 'cable' => 'knit', 'sweater' => 'knit', 'newsprint' => 'script', 'letters' => 'script',
        'polka' => 'dots', 'spot' => 'dots', 'spots' => 'dots', 'check' => 'gingham', 'checks' => 'gingham', 'tartan' => 'plaid',
        'zigzag' => 'chevron', 'graph' => 'grid', 'plain' => 'solid', 'handwriting' => 'script', 'text' => 'script', 'bricks' => 'brick',
        'music' => 'music', 'notes' => 'music', 'wood' => 'woodgrain', 'hexagons' => 'honeycomb', 'hexagon' => 'honeycomb',
        'foliage' => 'leaf', 'leaves' => 'leaf', 'floral' => 'daisies',
        'flowers' => 'daisies', 'blossoms' => 'daisies', 'blooms' => 'roses',
        'robins' => 'birds', 'berries' => 'holly', 'forest' => 'trees', 'waves' => 'wave', 'planks' => 'plank', 'scales' => 'scale',
    ];

    /** Motifs that people cut out and mount. */
    private const PICTURES = [
        self::Sprig, self::Leaf, self::Gull, self::Lantern, self::Star, self::Roses, self::Daisies, self::Tulips, self::Hearts,
        self::Butterflies, self::Birds, self::Bees, self::Snowflakes, self::Trees, self::Clouds, self::Balloons, self::Strawberries,
        self::Lemons, self::Cherries, self::Pumpkins, self::Mushrooms, self::Feathers, self::Shells, self::Bows, self::Holly,
    ];

    private const BUSY = [
        self::Plaid, self::Chevron, self::Argyle, self::Confetti, self::Terrazzo, self::Diamonds, self::Music, self::Hills, self::Float,
    ];

    case Solid = 'solid';
    case Dots = 'dots';
    case Stripe = 'stripe';
    case Gingham = 'gingham';
    case Plaid = 'plaid';
    case Grid = 'grid';
    case Chevron = 'chevron';
    case Wave = 'wave';
    case Scale = 'scale';
    case Plank = 'plank';
    case Script = 'script';
    case Sprig = 'sprig';
    case Leaf = 'leaf';
    case Gull = 'gull';
    case Lantern = 'lantern';
    case Float = 'float';
    case Knit = 'knit';
    case Hills = 'hills';
    case Star = 'star';
    case Foil = 'foil';
    case Roses = 'roses';
    case Daisies = 'daisies';
    case Tulips = 'tulips';
    case Hearts = 'hearts';
    case Butterflies = 'butterflies';
    case Birds = 'birds';
    case Bees = 'bees';
    case Snowflakes = 'snowflakes';
    case Trees = 'trees';
    case Clouds = 'clouds';
    case Balloons = 'balloons';
    case Strawberries = 'strawberries';
    case Lemons = 'lemons';
    case Cherries = 'cherries';
    case Pumpkins = 'pumpkins';
    case Mushrooms = 'mushrooms';
    case Feathers = 'feathers';
    case Shells = 'shells';
    case Bows = 'bows';
    case Holly = 'holly';
    case Herringbone = 'herringbone';
    case Honeycomb = 'honeycomb';
    case Diamonds = 'diamonds';
    case Brick = 'brick';
    case Terrazzo = 'terrazzo';
    case Confetti = 'confetti';
    case Argyle = 'argyle';
    case Music = 'music';
    case Woodgrain = 'woodgrain';
    case Scallops = 'scallops';

    /** The motif that a name mentions: "little hearts", "navy stripes". Null if it mentions none. */
    public static function named(string $name): ?self
    {
        $words = preg_split('/[^\p{L}]+/u', mb_strtolower($name), -1, PREG_SPLIT_NO_EMPTY) ?: [];
        foreach (array_reverse($words) as $word) {
            foreach ([$word, preg_replace('/s$/', '', $word), preg_replace('/y$/', 'ies', $word), "{$word}s", "{$word}es"] as $one) {
                $motif = self::tryFrom((string) $one) ?? self::tryFrom(self::OTHERS[$one] ?? '');
                if ($motif !== null) {
                    return $motif;
                }
            }
        }

        return null;
    }

    /** How large the print repeats: 0 for a plain face, 1 small, 2 medium, 3 large. */
    public function scale(): int
    {
        return match ($this) {
            self::Solid, self::Foil => 0,
            self::Dots, self::Gingham, self::Knit, self::Stripe => 1,
            self::Plaid, self::Plank, self::Hills, self::Lantern, self::Script => 3,
            default => 2,
        };
    }

    /** Whether its usual print is busy. */
    public function isBusy(): bool
    {
        return $this->isPicture() || in_array($this, self::BUSY, true);
    }

    /** Whether it is a thing that people cut out and mount, and not a pattern. */
    public function isPicture(): bool
    {
        return in_array($this, self::PICTURES, true);
    }

    /** A view, which is a picture if it is not repeated over the sheet. */
    public function isScene(): bool
    {
        return $this === self::Hills;
    }

    /** The size that is cut out round a motif. It holds at least one. */
    public static function cutOut(Unit $unit): Size
    {
        return $unit === Unit::Inch ? Size::parse('1 3/4', '1 3/4', Unit::Inch) : Size::parse('45', '45', Unit::Millimetre);
    }
}
