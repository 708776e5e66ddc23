<?php

declare(strict_types=1);

namespace KeepShare\Core\Entry;

use KeepShare\Core\Kit\Finish;
use KeepShare\Core\Kit\Kind;

/**
 * The names of things in packing lists, in the singular, and what each behaves as. Longer names come before shorter
 * ones.
 */
final class KindPhrases
{
    /** Used by length, on the card like ribbon. */
    private const BY_LENGTH = [
        'ribbon', 'twine', 'cord', 'lace', 'trim', 'seam binding', 'washi', 'washi tape', 'deco tape', 'decorative tape', 'masking tape',
        'fabric tape', 'paper tape', 'string', 'thread', 'yarn', 'ric rac', 'ric-rac', 'rickrack', 'jute', 'raffia', 'floss', 'lace trim',
        'ribbon trim', 'baker twine', "baker's twine", 'bakers twine', "bakers' twine", 'elastic', 'fringe', 'bead chain', 'gimp',
    ];

    /** Counted, and laid on one by one. */
    private const COUNTED = [
        'brad', 'eyelet', 'button', 'wax seal', 'gem', 'pearl', 'rhinestone', 'crystal', 'jewel', 'enamel dot', 'enamel shape', 'drop',
        'dew drop', 'droplet', 'bead', 'clay piece', 'clay shape', 'clay slice', 'clay flower', 'wood piece', 'wood shape', 'wood veneer',
        'wooden piece', 'wooden shape', 'wood chip', 'cork piece', 'cork shape', 'felt piece', 'felt shape', 'felt flower', 'resin piece',
        'resin shape', 'resin', 'cabochon', 'charm', 'tassel', 'bow', 'paper flower', 'fabric flower', 'pompom', 'pom pom', 'pom-pom',
        'embellishment', 'paper clip', 'paperclip', 'clip', 'safety pin', 'snap', 'rivet', 'confetti piece',
        'ribbon bow', 'metal piece', 'metal charm', 'button shape', 'googly eye', 'domed dot', 'half pearl', 'flat back',
        'flatback', 'dried flower', 'rosette', 'mirror piece', 'token', 'clothespin', 'peg', 'mini peg', 'epoxy dot', 'acrylic piece',
        'acrylic shape', 'acrylic charm', 'shaker dome', 'dome', 'shaker pouch', 'pouch', 'shaker window',
        'shaker frame', 'shaker cup',
        'clay mix', 'staple', 'paper straw', 'straw', 'paper fan', 'paper star', 'paper umbrella',
        'paper butterfly', 'paper rosette', 'mini clip', 'metal corner', 'button mix', 'jingle bell', 'crepe flower',
    ];

    /** Nobody counts these if no number is said. */
    private const PLENTY = [
        'sequin pearl', 'sequin', 'confetti',
        'seed bead', 'micro bead', 'microbead', 'shaker bit', 'shaker filler', 'shaker mix', 'sprinkle',
        'glitter',
        'mica flake', 'gilding flake', 'transfer foil', 'foil transfer', 'foil flake', 'foiling sheet', 'gem mix', 'sequin mix', 'bead mix',
        'flocking', 'glitter glue',
    ];

    private const MAYBE_COUNTED = [
        'dot', 'flower', 'cork', 'felt', 'wood', 'clay', 'wood slice', 'leaf', 'leave', 'key', 'pin', 'bell', 'feather', 'wooden',
        'acrylic',
    ];

    private const DIE_CUTS = [
        'die cut' => '', 'die-cut' => '', 'diecut' => '', 'ephemera' => '', 'pre-cut' => '', 'precut' => '', 'pre cut' => '',
        'pre-cut shape' => '', 'precut shape' => '', 'die cut piece' => '', 'ephemera piece' => '', 'cut out' => '',
        'cut-out' => '', 'cutout' => '', 'die cut shape' => '', 'punch out' => '', 'punch-out' => '', 'punched shape' => '',
        'punched circle' => 'circle', 'punched heart' => 'heart', 'punched flower' => 'flower', 'punched leaf' => 'leaf',
        'punched star' => 'star', 'paper piece' => '', 'paper bag' => '', 'kraft paper bag' => '', 'glassine bag' => '',
        'gift bag' => '', 'fussy cut' => '',
        'die cut topper' => 'image', 'sentiment topper' => 'sentiment',
        'sentiment die cut' => 'sentiment', 'sentiment' => 'sentiment', 'saying' => 'sentiment',
        'sentiment sheet' => 'sentiment', 'sentiment strip' => 'sentiment', 'word strip' => 'sentiment',
        'phrase strip' => 'sentiment', 'sentiment card' => 'sentiment', 'die cut sentiment' => 'sentiment',
        'die cut tag' => 'tag', 'die cut frame' => 'frame', 'die cut border' => 'border', 'die cut label' => 'label', 'gift tag' => 'tag',
        'paper frame' => 'frame', 'cardstock frame' => 'frame', 'cardstock tag' => 'tag', 'kraft tag' => 'tag', 'paper tag' => 'tag',
        'vellum tag' => 'tag', 'shipping tag' => 'tag', 'cardstock label' => 'label', 'paper label' => 'label',
        'banner strip' => 'label', 'die cut banner' => 'label', 'acetate die cut' => '', 'vellum die cut' => '', 'paper border' => 'border',
        'cardstock die cut' => '', 'foil die cut' => '', 'acetate shape' => '', 'paper pocket' => 'label',
        'library pocket' => 'label', 'mini envelope' => 'label',
        'journaling spot' => 'label', 'journalling spot' => 'label', 'die cut alphabet' => '', 'die cut letter' => '',
        'alphabet die cut' => '',
        'paper doily' => 'image', 'paper doilie' => 'image', 'doily' => 'image', 'doilie' => 'image', 'photo corner' => 'label',
    ];

    private const LIKELY_DIE_CUTS = [
        'image' => 'image', 'pocket' => 'label', 'file tab' => 'label', 'tab' => 'label', 'ticket' => 'label',
        'greeting' => 'sentiment', 'word' => 'sentiment', 'phrase' => 'sentiment',
    ];

    private const MAYBE_DIE_CUTS = ['tag' => 'tag', 'frame' => 'frame', 'border' => 'border', 'label' => 'label', 'banner' => 'label'];

    /** Named by their material. */
    private const STICKERS = [
        'sticker' => '', 'sticker sheet' => '', 'sheet of sticker' => '', 'alphabet sticker' => '', 'letter sticker' => '',
        'number sticker' => '', 'alpha sticker' => '', 'rub-on' => '', 'rub on' => '', 'rubon' => '',
        'label sticker' => 'label', 'cardstock sticker' => '', 'washi sticker' => '', 'fabric sticker' => '',
        'chipboard' => 'chipboard', 'chipboard sticker' => 'chipboard', 'chipboard piece' => 'chipboard', 'chipboard shape' => 'chipboard',
        'chipboard frame' => 'chipboard', 'chipboard element' => 'chipboard', 'puffy' => 'puffy', 'puffy sticker' => 'puffy',
        'puffy shape' => 'puffy', 'foam sticker' => 'puffy', 'epoxy' => 'epoxy', 'epoxy sticker' => 'epoxy', 'epoxy shape' => 'epoxy',
        'foil sticker' => 'foil', 'foiled sticker' => 'foil', 'clear sticker' => '', 'peel off' => '', 'peel-off' => '',
        'wood sticker' => 'chipboard', 'cork sticker' => 'chipboard', 'felt sticker' => 'puffy', 'phrase sticker' => 'sentiment',
        'sentiment sticker' => 'sentiment', 'word sticker' => 'sentiment', 'quote sticker' => 'sentiment',
        'greeting sticker' => 'sentiment', 'wooden word' => 'sentiment', 'wood word' => 'sentiment', 'chipboard word' => 'sentiment',
        'acrylic word' => 'sentiment', 'felt word' => 'sentiment', 'word sticker sheet' => 'sentiment', 'chipboard phrase' => 'sentiment',
        'chipboard title' => 'sentiment', 'chipboard sentiment' => 'sentiment', 'sticker word' => 'sentiment',
        'word sheet' => 'sentiment', 'phrase sheet' => 'sentiment', 'quote sheet' => 'sentiment',
        'foil word sheet' => 'sentiment',
    ];

    private const LIKELY_STICKERS = ['alpha' => '', 'alphabet' => '', 'decal' => '', 'seal' => ''];

    private const LAYERED = [
        'layered', 'layer', 'layered picture', 'picture in layer', 'layered die cut', 'decoupage', 'decoupage sheet', 'découpage',
        'doll-up', 'doll up', 'doll-up piece', 'doll-up picture', 'picture sheet', '3d picture', '3-d picture', 'pyramid picture',
        'step by step', 'layered sticker', 'topper in layer', 'layered topper',
    ];

    private const PANELS = [
        'panel', 'cut-apart', 'cutapart', 'cut apart', 'cut-apart sheet', 'cut-apart card', 'cut apart card', 'cut apart sheet',
        'card for cutting apart', 'postcard',
        'journal card', 'journaling card', 'journalling card', 'pocket card', 'project card', 'filler card', 'printed panel', 'art card',
        'card front', 'card topper', 'topper', 'trading card', 'story card', 'photo card', 'flash card',
    ];

    private const PAPERS = [
        'paper', 'patterned paper', 'printed paper', 'paper pad', 'pad of paper', 'paper stack', 'paper pack', 'pattern paper',
        'designer paper', 'decorative paper', 'double-sided paper', 'single-sided paper', 'scrapbook paper', 'collection paper',
        'origami paper', 'wrapping paper', 'tissue paper', 'fabric', 'fabric sheet', 'specialty paper', 'paper sheet',
        'sheet of paper', 'patterned cardstock', 'printed cardstock', 'background paper', 'mulberry paper', 'rice paper', 'book page',
        'foiled paper', 'paper collection',
    ];

    private const CARDSTOCK = [
        'cardstock', 'card stock', 'card-stock', 'coverstock', 'cover stock', 'cardstock sheet', 'card sheet', 'sheet of card',
        'kraft cardstock', 'kraft card', 'kraft paper', 'kraft', 'kraft sheet', 'shimmer cardstock', 'shimmer paper', 'shimmer card',
        'shimmer', 'pearlescent card', 'pearl paper', 'pearlescent paper', 'pearl cardstock', 'textured cardstock', 'plain cardstock',
        'solid cardstock', 'linen card', 'white card', 'coloured card', 'colored card', 'black card', 'plain paper', 'felt sheet',
        'cork sheet', 'wood sheet', 'solid paper', 'text paper', 'copy paper', 'chipboard sheet', 'greyboard', 'grayboard',
        'pre-cut mat', 'precut mat', 'photo mat', 'cardstock mat', 'mat layer',
    ];

    private const FINISHES = [
        'mirror' => ['mirror', 'mirror card', 'mirror cardstock', 'mirror paper', 'mirror sheet', 'foil cardstock', 'foil card',
            'foil paper',
            'metallic cardstock', 'metallic card', 'metallic paper', 'foil sheet'],
        'glitter' => ['glitter paper', 'glitter cardstock', 'glitter card', 'glitter sheet'],
        'vellum' => ['vellum', 'vellum paper', 'vellum sheet', 'printed vellum', 'plain vellum', 'patterned vellum'],
        'watercolour' => ['watercolour paper', 'watercolor paper', 'watercolour card', 'watercolor card', 'watercolour cardstock',
            'watercolor cardstock', 'watercolour sheet', 'watercolor sheet', 'mixed media paper'],
        'acetate' => ['acetate', 'acetate sheet', 'transparency', 'transparency sheet', 'printed acetate', 'window sheet', 'clear sheet',
            'overlay', 'acetate overlay', 'printed transparency'],
    ];

    private const BASES = [
        'base', 'blank', 'card base', 'card blank', 'blank card', 'note card', 'notecard', 'folded card', 'base card', 'cardbase',
        'greeting card base',
        'tent-fold card', 'scored card', 'pre-scored card', 'gatefold card', 'top-fold card', 'side-fold card',
    ];

    private const TOOLS = [
        'die' => 'die', 'die set' => 'die', 'metal die' => 'die', 'cutting die' => 'die', 'thin die' => 'die', 'nesting die' => 'die',
        'stitched circle' => 'die', 'stitched rectangle' => 'die', 'stitched square' => 'die', 'stitched oval' => 'die',
        'nested circle' => 'die', 'nested rectangle' => 'die', 'nested square' => 'die', 'nested oval' => 'die',
        'nesting circle' => 'die', 'nesting rectangle' => 'die', 'nesting square' => 'die', 'nesting oval' => 'die',
        'folder' => 'folder', 'embossing folder' => 'folder', '3d embossing folder' => 'folder', 'stencil' => 'stencil',
        'mask' => 'stencil',
        'layering stencil' => 'stencil', 'mask set' => 'stencil', 'stencil set' => 'stencil', 'punch' => 'punch', 'edge punch' => 'punch',
        'border punch' => 'punch', 'corner punch' => 'punch', 'ink' => 'ink', 'ink pad' => 'ink', 'inkpad' => 'ink', 'ink cube' => 'ink',
        'dye ink' => 'ink', 'pigment ink' => 'ink', 'distressing ink' => 'ink', 'powder' => 'powder', 'embossing powder' => 'powder',
    ];

    /** Never used up, and needed by no step. */
    private const OTHER_TOOLS = [
        'picture stamp',
        'texture paste', 'modelling paste', 'modeling paste', 'paste', 'gilding wax', 'mist', 'spray', 'shimmer spray', 'ink spray',
        'marker', 'pen', 'gel pen', 'brush marker', 'pencil', 'coloured pencil', 'colored pencil', 'watercolour', 'watercolor',
        'watercolour paint', 'watercolor paint', 'paint', 'watercolour set', 'watercolor set', 'watercolour palette', 'brush',
        'paintbrush', 'blending brush', 'sponge', 'score board', 'bone folder', 'tweezer', 'acrylic block', 'stamping block', 'trimmer',
        'cutting mat', 'glass mat', 'scissor', 'craft knife', 'gesso', 'gloss medium', 'crayon', 'chalk', 'wax',
    ];

    private const STAMPS = [
        'stamp', 'stamp set', 'clear stamp', 'clear stamp set', 'rubber stamp', 'cling stamp', 'photopolymer stamp', 'stamp sheet',
        'sentiment stamp', 'polymer stamp', 'photopolymer stamp set', 'sentiment stamp set', 'word stamp', 'wood mounted stamp',
    ];

    private const ADHESIVES = [
        'glue' => 'glue', 'glue stick' => 'glue', 'liquid glue' => 'glue', 'glue dot' => 'dots',
        'adhesive dot' => 'dots', 'tape' => 'tape', 'double-sided tape' => 'tape', 'tape runner' => 'tape', 'adhesive tape' => 'tape',
        'adhesive roller' => 'tape', 'tear tape' => 'tape', 'double sided tape' => 'tape',
        'foam tape' => 'foam-tape', 'foam strip' => 'foam-tape', 'adhesive sheet' => 'tape', 'glue pen' => 'glue',
    ];

    private const FOAM = [
        'foam', 'foam square', 'foam dot', 'foam pad', 'foam adhesive', 'foam circle', 'foam mount', 'foam piece', '3d foam square',
        'adhesive foam square', 'mini foam square', '3d foam pad', 'foam sheet', 'foam block',
    ];

    /** @return array<string, KindPhrase> by phrase, in the singular */
    public static function all(): array
    {
        /** @var array<string, KindPhrase>|null $all */
        static $all = null;

        return $all ??= [
            ...self::each(self::MAYBE_COUNTED, KindPhrase::of(Kind::Embellishment, '', KindPhrase::MAYBE)),
            ...self::each(['pad', 'mini pad'], KindPhrase::of(Kind::Paper, '', KindPhrase::MAYBE)),
            ...self::each(['velvet', 'tulle', 'rope'], KindPhrase::of(Kind::Ribbon, '', KindPhrase::MAYBE)),
            ...self::worded(Kind::DieCut, self::MAYBE_DIE_CUTS, KindPhrase::MAYBE),
            ...self::each(self::COUNTED, KindPhrase::of(Kind::Embellishment, '', KindPhrase::LIKELY)),
            ...self::each(self::PLENTY, KindPhrase::plenty(Kind::Embellishment)),
            ...self::each(self::OTHER_TOOLS, KindPhrase::of(Kind::Tool, 'other', KindPhrase::LIKELY)),
            ...self::worded(Kind::DieCut, self::LIKELY_DIE_CUTS, KindPhrase::LIKELY),
            ...self::worded(Kind::Sticker, self::LIKELY_STICKERS, KindPhrase::LIKELY),
            'adhesive' => KindPhrase::of(Kind::Adhesive, 'glue', KindPhrase::MAYBE),
            ...self::each(self::BY_LENGTH, KindPhrase::of(Kind::Ribbon)),
            ...self::worded(Kind::DieCut, self::DIE_CUTS),
            ...self::worded(Kind::Sticker, self::STICKERS),
            ...self::each(self::LAYERED, KindPhrase::of(Kind::LayeredPicture)),
            ...self::each(self::PANELS, KindPhrase::of(Kind::Panel)),
            ...self::each(self::PAPERS, KindPhrase::of(Kind::Paper)),
            ...self::each(self::CARDSTOCK, KindPhrase::of(Kind::Cardstock)),
            ...self::finished(),
            ...self::each(self::BASES, KindPhrase::of(Kind::Base)),
            'envelope' => KindPhrase::of(Kind::Envelope),
            ...self::worded(Kind::Tool, self::TOOLS),
            ...self::each(self::STAMPS, KindPhrase::of(Kind::Stamp)),
            ...self::worded(Kind::Adhesive, self::ADHESIVES),
            ...self::each(self::FOAM, KindPhrase::of(Kind::Foam)),
        ];
    }

    /**
     * @param  list<string>  $phrases
     * @return array<string, KindPhrase>
     */
    private static function each(array $phrases, KindPhrase $is): array
    {
        return array_fill_keys($phrases, $is);
    }

    /**
     * @param  array<string, string>  $words
     * @return array<string, KindPhrase>
     */
    private static function worded(Kind $kind, array $words, int $tier = KindPhrase::SURE): array
    {
        return array_map(static fn (string $word): KindPhrase => KindPhrase::of($kind, $word, $tier), $words);
    }

    /** @return array<string, KindPhrase> */
    private static function finished(): array
    {
        $all = [];
        foreach (self::FINISHES as $finish => $phrases) {
            $all += self::each($phrases, KindPhrase::finished(Finish::from($finish)));
        }

        return $all;
    }
}
