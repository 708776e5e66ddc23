<?php

declare(strict_types=1);

namespace KeepShare\Core\Colour;

/** The colour that a thing probably has by its name: a named colour, or the colour of what it is named after. */
final class ColourWords
{
    private const ALL = [
        'white' => '#ffffff', 'snow' => '#f7f8fa', 'cloud' => '#eceff2', 'milk' => '#f8f4ea', 'cotton' => '#f6f3ec',
        'chalk' => '#f1efe8', 'pearl' => '#ece8e1', 'porcelain' => '#efeeea', 'alabaster' => '#f0ece2', 'linen' => '#efe6d8',
        'ecru' => '#e8dcc4', 'oat' => '#e5d8bf', 'oatmeal' => '#ddd0b8', 'parchment' => '#efe3c6', 'vanilla' => '#f5e9c8',
        'butter' => '#f6e3a1', 'buttercream' => '#f8efcd', 'buttermilk' => '#f8edc4', 'cream' => '#f6efdc', 'ivory' => '#f4e9d0',
        'bone' => '#e6dcc8', 'eggshell' => '#efe8d8', 'almond' => '#ead9c0', 'wheat' => '#e5cf9d', 'biscuit' => '#dcc49b',
        'champagne' => '#efdcb8', 'sand' => '#e3cfa6', 'beach' => '#e2cda4', 'dune' => '#d5bf98', 'shell' => '#f1ddd0',
        'driftwood' => '#b5a58f', 'stone' => '#b9b3a7', 'pebble' => '#a9a59c', 'mushroom' => '#bba996', 'taupe' => '#a3917e',
        'greige' => '#b8ada0', 'fawn' => '#c9ab82', 'beige' => '#dccbb0', 'khaki' => '#b5a47a', 'camel' => '#c19a62',
        'kraft' => '#c69c6d', 'cardboard' => '#bf9868', 'burlap' => '#c2a679', 'jute' => '#bea06a', 'twine' => '#c8ae82',
        'rope' => '#c2a26e', 'straw' => '#e2c067', 'hay' => '#dcbf6b', 'honey' => '#dfa13a', 'mustard' => '#cf9b2d',
        'ochre' => '#c5872c', 'gold' => '#d2a544', 'golden' => '#d9ab45', 'brass' => '#b9964a', 'bronze' => '#93703d',
        'amber' => '#e09a30', 'marigold' => '#eda12e', 'sunflower' => '#f0b429', 'daffodil' => '#f6cf45', 'sunshine' => '#f8cf45',
        'sun' => '#f6c945', 'lemon' => '#f4e04d', 'canary' => '#f5e054', 'banana' => '#f3df7a', 'yellow' => '#f0d24a',
        'citron' => '#cfcb4a', 'mango' => '#f0a03c', 'apricot' => '#f2b880', 'peach' => '#f5c3a0', 'melon' => '#f2ab8e',
        'cantaloupe' => '#f3ae83', 'tangerine' => '#ee8434', 'orange' => '#e77b2e', 'pumpkin' => '#dd742a', 'carrot' => '#e2762c',
        'clementine' => '#ea7e2f', 'coral' => '#e58468', 'salmon' => '#ea9a86', 'shrimp' => '#eaa18f', 'flamingo' => '#ee8f98',
        'terracotta' => '#c0643f', 'terra cotta' => '#c0643f', 'clay' => '#b86b4b', 'adobe' => '#b7613f', 'brick' => '#a44a38',
        'rust' => '#a8502a', 'copper' => '#b4733f', 'penny' => '#ab6a3c', 'cinnamon' => '#a9663a', 'ginger' => '#b8703a',
        'pecan' => '#8d5a35', 'toffee' => '#9b6a3f', 'caramel' => '#b97b42', 'cocoa' => '#6e4a35', 'chocolate' => '#57382a',
        'coffee' => '#5d4433', 'espresso' => '#43312a', 'mocha' => '#7d604d', 'walnut' => '#6a4a34', 'chestnut' => '#7d4a32',
        'mahogany' => '#6b3328', 'acorn' => '#94663c', 'bark' => '#6a523d', 'wood' => '#a47c54', 'brown' => '#7d5531',
        'tan' => '#cdaa7d', 'sepia' => '#7a5c43', 'leather' => '#8b5e3c', 'red' => '#c23a2c', 'barn red' => '#9c2f2a',
        'fire red' => '#cf3326', 'apple red' => '#c0342e', 'apple' => '#b9453a', 'cherry' => '#b1283a', 'cherry red' => '#b1283a',
        'candy red' => '#cf2f3d', 'holiday red' => '#b52b30', 'christmas red' => '#b1272d', 'poppy' => '#d6452f', 'tomato' => '#d1492f',
        'scarlet' => '#c5302b', 'ruby' => '#a3243b', 'crimson' => '#a62639', 'cranberry' => '#97283f', 'raspberry' => '#b12d56',
        'strawberry' => '#d6485a', 'watermelon' => '#e2586a', 'garnet' => '#7f2630', 'wine' => '#7c2b3b', 'burgundy' => '#6f2333',
        'maroon' => '#6e2430', 'merlot' => '#6b2a3a', 'berry' => '#8e2f57', 'beet' => '#7b2745', 'plum' => '#6f3a5c',
        'fig' => '#5e3a4d', 'eggplant' => '#4d2f4c', 'aubergine' => '#4b2d47', 'mulberry' => '#74365c', 'grape' => '#67407d',
        'violet' => '#8a5c9c', 'purple' => '#75489a', 'royal purple' => '#5b3688', 'amethyst' => '#9168ad', 'iris' => '#6f62b0',
        'pansy' => '#6a4795', 'lavender' => '#bfaedb', 'lilac' => '#c9b3d6', 'wisteria' => '#b19ecb', 'orchid' => '#c27fc0',
        'heather' => '#ab97b2', 'thistle' => '#c8b5cb', 'mauve' => '#b690a4', 'dusty rose' => '#c9929a', 'rose' => '#d98a93',
        'old rose' => '#c4838b', 'peony' => '#e59bb0', 'blossom' => '#f3c9d3', 'petal' => '#f3cdd2', 'carnation' => '#ee9fae',
        'bubblegum' => '#f3a2bd', 'candy' => '#ef8fae', 'cotton candy' => '#f5bfd4', 'pink' => '#f1c3c8', 'hot pink' => '#e2418a',
        'magenta' => '#c22f7d', 'fuchsia' => '#c8327f', 'ballet' => '#f4d5d3', 'blush' => '#f6e1d8', 'nude' => '#e8cdbb',
        'skin' => '#e7c6ae', 'periwinkle' => '#8086c6', 'cornflower' => '#6b8bd0', 'hydrangea' => '#8fa3d6', 'bluebell' => '#6a78c0',
        'indigo' => '#3b3f7d', 'midnight' => '#1e2a44', 'night' => '#1f2b45', 'ink' => '#263047', 'navy' => '#223650',
        'nautical' => '#24395a', 'denim' => '#4a6686', 'jeans' => '#526f92', 'chambray' => '#8aa2ba', 'blueberry' => '#44527d',
        'sapphire' => '#264e94', 'cobalt' => '#2c55a0', 'royal blue' => '#2c4fa3', 'royal' => '#2c4fa3', 'marine' => '#27547d',
        'ocean' => '#2f6f8f', 'deep blue' => '#25405a', 'blue' => '#3f74a8', 'lake' => '#4f86a6', 'river' => '#5c8fa5',
        'sea' => '#4f97a3', 'sea blue' => '#3f87a0', 'tide' => '#4a8fa2', 'lagoon' => '#3d9aa6', 'pool' => '#62b8cc',
        'sky' => '#a9cfe0', 'sky blue' => '#a9cfe0', 'baby blue' => '#c1dcec', 'powder blue' => '#bfd5e4', "robin's egg" => '#8fd0cf',
        'duck egg' => '#b9d9d3', 'ice' => '#dfeaf0', 'ice blue' => '#dfeaf0', 'frost' => '#dde8ec', 'glacier' => '#c9dee6',
        'mist' => '#d3dde0', 'fog' => '#ced4d6', 'rain' => '#9fb2bf', 'storm' => '#6c7883', 'cloud grey' => '#c3c9cc',
        'aqua' => '#7fcfcb', 'turquoise' => '#3fb4ae', 'peacock' => '#1f7a83', 'teal' => '#2f7772', 'lake green' => '#4f8f86',
        'jade' => '#3f9a78', 'sea green' => '#6fa796', 'seafoam' => '#a9d8c6', 'foam' => '#cfe6dd', 'mint' => '#cfe4d9',
        'spearmint' => '#a7dcc4', 'pistachio' => '#bcd39a', 'celery' => '#cbd8a1', 'pear' => '#c8cf6e', 'lime' => '#b5c64b',
        'chartreuse' => '#c1cf3e', 'grass' => '#6ea24b', 'clover' => '#5a9a55', 'shamrock' => '#3d8f55', 'meadow' => '#7fae5f',
        'green' => '#4d8a5c', 'leaf' => '#6b9a54', 'fern' => '#5d8a55', 'basil' => '#55794b', 'parsley' => '#4f7f47',
        'spruce' => '#3f6456', 'pine' => '#2f5646', 'evergreen' => '#2c5443', 'fir' => '#2f5543', 'forest' => '#2f5640',
        'hunter green' => '#2c4d3a', 'hunter' => '#2c4d3a', 'bottle green' => '#21503f', 'emerald' => '#1f8a5b', 'kelp' => '#4a6446',
        'seaweed' => '#4d6b4c', 'juniper' => '#4d6d64', 'cedar' => '#6b7b5e', 'ivy' => '#4c7350', 'holly' => '#2f6b45',
        'moss' => '#7c8f5a', 'olive' => '#7d7f45', 'avocado' => '#7c8a48', 'army' => '#666b45', 'sage' => '#a9b99b',
        'eucalyptus' => '#9fb5a5', 'thyme' => '#8b9a76', 'willow' => '#a7b584', 'artichoke' => '#8f9a7c', 'lichen' => '#b5bfa0',
        'silver' => '#c3c7c9', 'platinum' => '#d9dbda', 'steel' => '#7f8c94', 'pewter' => '#8a8f92', 'slate' => '#5b6b75',
        'graphite' => '#474b4f', 'charcoal' => '#3a4045', 'smoke' => '#8d9295', 'ash' => '#b2b3b0', 'dove' => '#c2c3c1',
        'dove grey' => '#c2c3c1', 'grey' => '#9a9f9f', 'gray' => '#9a9f9f', 'pale grey' => '#dfe2e1', 'lead' => '#63686b',
        'iron' => '#54585b', 'raven' => '#23262a', 'onyx' => '#1f2124', 'coal' => '#2b2d30', 'licorice' => '#262326',
        'jet' => '#1b1c1e', 'black' => '#141414', 'dusk' => '#6d6a8c', 'dawn' => '#f0c9b6', 'sunset' => '#e58a5e',
        'sunrise' => '#f3b27a', 'twilight' => '#4c4f7a', 'rope brown' => '#b98b50', 'dark brown' => '#4d3423',
        'deep green' => '#2f5646', 'pale green' => '#e4ecd9', 'barn wood' => '#9a8a78', 'tea' => '#c9a36a', 'cider' => '#b9742c',
        'harvest' => '#c9822f', 'autumn' => '#b5622b', 'wool' => '#ece4d3', 'fleece' => '#efe8da', 'hen' => '#b57a45',
        'fox' => '#c4672b', 'lobster' => '#c03f31',
    ];

    private const PALE = ['pale', 'light', 'soft', 'pastel'];

    private const DEEP = ['deep', 'dark'];

    private const MOST_WORDS = 2;

    /**
     * Null if no colour is named. The longer name counts, and of equally long ones the first: "barn red" is not "red".
     */
    public static function in(string $text): ?Colour
    {
        $words = preg_split('/[^\p{L}\'’]+/u', mb_strtolower(str_replace('’', "'", $text)), -1, PREG_SPLIT_NO_EMPTY) ?: [];
        for ($many = self::MOST_WORDS; $many > 0; $many--) {
            for ($from = 0; $from + $many <= count($words); $from++) {
                $hex = self::ALL[implode(' ', array_slice($words, $from, $many))] ?? null;
                if ($hex !== null) {
                    return self::toned(Colour::fromHex($hex), $words[$from - 1] ?? '');
                }
            }
        }

        return null;
    }

    private static function toned(Colour $colour, string $before): Colour
    {
        return match (true) {
            in_array($before, self::PALE, true) => $colour->mixedWith(Colour::fromHex('#ffffff'), 50),
            in_array($before, self::DEEP, true) => $colour->mixedWith(Colour::fromHex('#141414'), 35),
            default => $colour,
        };
    }
}
