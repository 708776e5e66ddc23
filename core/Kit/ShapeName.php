<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

/** Words for shapes in the singular, beside their own names. */
final class ShapeName
{
    private const WORDS = [
        'flower' => ['blossom', 'bloom', 'floral', 'posy', 'peony', 'poppy', 'anemone', 'pansy', 'violet', 'lily', 'hydrangea', 'dahlia'],
        'rose' => ['rosebud'],
        'daisy' => ['daisies', 'chamomile', 'aster', 'gerbera'],
        'tulip' => ['crocus'],
        'bouquet' => ['nosegay', 'flower bunch', 'bunch of flowers'],
        'leaf' => ['leaves', 'foliage', 'greenery', 'branch', 'sprig', 'eucalyptus', 'palm', 'ivy', 'clover', 'shamrock'],
        'fern' => ['frond'],
        'wreath' => ['garland'],
        'cactus' => ['succulent', 'cacti'],
        'mushroom' => ['toadstool'],
        'bird' => [
            'robin', 'wren', 'sparrow', 'finch', 'bluebird', 'dove', 'parrot', 'birdie', 'cardinal', 'swallow', 'pigeon', 'budgie',
            'lovebird', 'hummingbird', 'toucan',
        ],
        'chick' => ['chicken', 'hen', 'rooster'],
        'swan' => ['goose', 'flamingo', 'crane'],
        'gull' => ['seagull'],
        'duck' => ['duckling', 'rubber duck'],
        'butterfly' => ['butterflies', 'moth'],
        'bee' => ['bumblebee', 'honeybee', 'wasp'],
        'ladybird' => ['ladybug', 'beetle'],
        'cat' => ['kitten', 'kitty'],
        'dog' => ['puppy', 'pup'],
        'rabbit' => ['bunny', 'hare', 'bunnies'],
        'bear' => ['teddy', 'panda', 'koala', 'teddy bear'],
        'fox' => ['foxes'],
        'hedgehog' => ['porcupine'],
        'horse' => ['pony', 'unicorn'],
        'mouse' => ['mice'],
        'dinosaur' => ['dragon', 'dino'],
        'sheep' => ['lamb'],
        'whale' => ['dolphin'],
        'octopus' => ['jellyfish', 'squid'],
        'starfish' => ['sea star', 'star fish'],
        'crab' => ['lobster'],
        'shell' => ['seashell', 'clam', 'scallop shell'],
        'fish' => ['goldfish', 'herring'],
        'cake' => ['gateau', 'birthday cake', 'wedding cake'],
        'cupcake' => ['muffin', 'fairy cake'],
        'ice-cream' => ['ice cream cone', 'ice cream', 'gelato', 'sundae'],
        'donut' => ['doughnut'],
        'apple' => ['peach', 'plum'],
        'pear' => ['avocado'],
        'strawberry' => ['strawberries', 'berry', 'raspberry'],
        'cherry' => ['cherries'],
        'lemon' => ['lime', 'orange', 'citrus'],
        'pumpkin' => ['gourd', 'squash', 'jack o lantern'],
        'bottle' => ['milk', 'champagne', 'wine', 'champagne bottle'],
        'glass' => ['goblet', 'cocktail', 'wine glass', 'champagne glass'],
        'teapot' => ['kettle'],
        'cup' => ['mug', 'teacup', 'coffee', 'tea cup', 'coffee cup'],
        'present' => ['gift', 'parcel', 'gift box'],
        'crown' => ['tiara'],
        'bunting' => ['pennant', 'pennants', 'flag banner'],
        'envelope' => ['mail', 'post'],
        'guitar' => ['violin', 'ukulele'],
        'book' => ['books'],
        'castle' => ['tower'],
        'cottage' => ['hut', 'cabin'],
        'house' => ['home', 'building', 'barn'],
        'church' => ['chapel'],
        'car' => ['van', 'truck', 'tractor', 'lorry', 'jeep'],
        'bicycle' => ['bike', 'scooter'],
        'camper' => ['caravan', 'bus', 'camper van'],
        'train' => ['locomotive', 'engine'],
        'airplane' => ['aeroplane', 'plane', 'jet'],
        'hot-air-balloon' => ['hot air balloon', 'air balloon'],
        'rocket' => ['spaceship'],
        'boat' => ['ship', 'sailboat', 'yacht', 'sail'],
        'sun' => ['sunshine'],
        'moon' => ['crescent'],
        'umbrella' => ['parasol'],
        'pram' => ['stroller', 'buggy', 'baby carriage', 'cradle'],
        'rings' => ['ring', 'wedding rings'],
        'dress' => ['gown', 'skirt'],
        'lock' => ['padlock'],
        'watering-can' => ['watering can'],
        'flowerpot' => ['flower pot', 'plant pot', 'pot plant', 'pot'],
        'birdhouse' => ['bird house', 'nest box'],
        'tree' => ['fir', 'pine', 'spruce', 'christmas tree'],
        'snowman' => ['snowmen'],
        'bauble' => ['ornament'],
        'stocking' => ['sock'],
        'reindeer' => ['deer', 'stag', 'moose', 'rudolph'],
        'holly' => ['mistletoe'],
        'gingerbread' => ['gingerbread man', 'gingerbread men'],
        'egg' => ['eggs', 'easter egg'],
        'acorn' => ['nut'],
        'witch-hat' => ['witch hat', 'witches hat', 'witch s hat'],
        'mitten' => ['glove'],
        'letter' => ['alphabet'],
        'number' => ['numeral'],
        'oval-frame' => ['oval frame', 'round frame', 'circle frame'],
        'frame' => ['window'],
        'scallop' => ['scalloped circle'],
        'doily' => ['doilie'],
        'speech' => ['speech bubble', 'thought bubble'],
        'circle' => ['round', 'disc', 'dot'],
        'feather' => ['quill'],
        'hat' => ['bonnet'],
        'boot' => ['wellington', 'welly', 'wellies'],
        'lightbulb' => ['light bulb', 'bulb'],
        'lantern' => ['lamp'],
        'wheel' => ['helm'],
    ];

    /** @param  string  $words  in small letters, in the singular or the plural */
    public static function of(string $words): ?Shape
    {
        foreach (array_unique([$words, Singular::of($words)]) as $one) {
            $shape = self::all()[$one] ?? null;
            if ($shape !== null) {
                return $shape;
            }
        }

        return null;
    }

    /** @return array<string, Shape> */
    private static function all(): array
    {
        /** @var array<string, Shape>|null $all */
        static $all = null;
        if ($all === null) {
            $all = [];
            foreach (Shape::cases() as $shape) {
                $names = [str_replace('-', ' ', $shape->value), ...self::WORDS[$shape->value] ?? []];
                $all += $shape === Shape::Plain ? [] : array_fill_keys($names, $shape);
            }
        }

        return $all;
    }
}
