<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

/** The outline of a die cut or sticker. Each shape is drawn in its own way. */
enum Shape: string
{
    case Lantern = 'lantern';
    case Gull = 'gull';
    case Lighthouse = 'lighthouse';
    case Boat = 'boat';
    case Anchor = 'anchor';
    case Knot = 'knot';
    case Shell = 'shell';
    case Fish = 'fish';
    case Wheel = 'wheel';
    case Tag = 'tag';
    case Label = 'label';
    case Frame = 'frame';
    case Banner = 'banner';
    case Circle = 'circle';
    case Heart = 'heart';
    case Star = 'star';
    case Flower = 'flower';
    case Leaf = 'leaf';
    case Sheep = 'sheep';
    case Cottage = 'cottage';
    case Mitten = 'mitten';
    case Cup = 'cup';
    case Tree = 'tree';
    // Flowers.
    case Rose = 'rose';
    case Tulip = 'tulip';
    case Daisy = 'daisy';
    case Sunflower = 'sunflower';
    case Bouquet = 'bouquet';
    // Leaves.
    case Fern = 'fern';
    case Wreath = 'wreath';
    case Cactus = 'cactus';
    case Mushroom = 'mushroom';
    // Birds.
    case Bird = 'bird';
    case Owl = 'owl';
    case Chick = 'chick';
    case Swan = 'swan';
    case Peacock = 'peacock';
    // Insects.
    case Butterfly = 'butterfly';
    case Bee = 'bee';
    case Ladybird = 'ladybird';
    case Dragonfly = 'dragonfly';
    case Snail = 'snail';
    // Animals.
    case Cat = 'cat';
    case Dog = 'dog';
    case Rabbit = 'rabbit';
    case Bear = 'bear';
    case Fox = 'fox';
    case Hedgehog = 'hedgehog';
    case Horse = 'horse';
    case Mouse = 'mouse';
    case Elephant = 'elephant';
    case Dinosaur = 'dinosaur';
    // Sea.
    case Whale = 'whale';
    case Octopus = 'octopus';
    case Starfish = 'starfish';
    case Crab = 'crab';
    // Food.
    case Cake = 'cake';
    case Cupcake = 'cupcake';
    case IceCream = 'ice-cream';
    case Donut = 'donut';
    case Apple = 'apple';
    case Pear = 'pear';
    case Strawberry = 'strawberry';
    case Cherry = 'cherry';
    case Lemon = 'lemon';
    case Pumpkin = 'pumpkin';
    case Bottle = 'bottle';
    case Glass = 'glass';
    case Teapot = 'teapot';
    // Feasts.
    case Balloon = 'balloon';
    case Balloons = 'balloons';
    case Present = 'present';
    case Candle = 'candle';
    case Crown = 'crown';
    case Bunting = 'bunting';
    // Things.
    case Envelope = 'envelope';
    case Camera = 'camera';
    case Guitar = 'guitar';
    case Book = 'book';
    // Houses.
    case Castle = 'castle';
    case Windmill = 'windmill';
    // Vehicles.
    case Car = 'car';
    case Bicycle = 'bicycle';
    case Camper = 'camper';
    case Train = 'train';
    case Airplane = 'airplane';
    case HotAirBalloon = 'hot-air-balloon';
    case Rocket = 'rocket';
    // Weather.
    case Sun = 'sun';
    case Moon = 'moon';
    case Cloud = 'cloud';
    case Rainbow = 'rainbow';
    case Umbrella = 'umbrella';
    case Snowflake = 'snowflake';
    case Kite = 'kite';
    // Baby.
    case Pram = 'pram';
    case Duck = 'duck';
    // Wedding.
    case Rings = 'rings';
    case Dress = 'dress';
    case Bell = 'bell';
    case Lock = 'lock';
    // Garden.
    case WateringCan = 'watering-can';
    case Flowerpot = 'flowerpot';
    case Birdhouse = 'birdhouse';
    // Winter, Christmas.
    case Snowman = 'snowman';
    case Bauble = 'bauble';
    case Stocking = 'stocking';
    case Reindeer = 'reindeer';
    case Holly = 'holly';
    case Gingerbread = 'gingerbread';
    // Easter, autumn.
    case Egg = 'egg';
    case Acorn = 'acorn';
    case Ghost = 'ghost';
    case WitchHat = 'witch-hat';
    // Letters, frames, labels.
    case Letter = 'letter';
    case Number = 'number';
    case OvalFrame = 'oval-frame';
    case Scallop = 'scallop';
    case Ticket = 'ticket';
    case Doily = 'doily';
    case Border = 'border';
    case Arrow = 'arrow';
    case Speech = 'speech';
    // And more.
    case Bow = 'bow';
    case Key = 'key';
    case Feather = 'feather';
    case Hat = 'hat';
    case Boot = 'boot';
    case House = 'house';
    case Church = 'church';
    case Lightbulb = 'lightbulb';
    /** An unknown thing is drawn as an outline of its size with its name, and never as a wrong thing. */
    case Plain = 'plain';

    /** The shape that a name mentions: a robin is a bird, a birthday cake is a cake. Null if it mentions none. */
    public static function named(string $name): ?self
    {
        // What comes with a thing is not the thing.
        $plain = (string) preg_replace('/\b(with|in|on|from|and)\b.*$/u', '', mb_strtolower($name));
        $words = preg_split('/[^\p{L}]+/u', $plain, -1, PREG_SPLIT_NO_EMPTY) ?: [];
        for ($end = count($words); $end > 0; $end--) {
            for ($many = min(3, $end); $many > 0; $many--) {
                $shape = ShapeName::of(implode(' ', array_slice($words, $end - $many, $many)));
                if ($shape !== null) {
                    return $shape;
                }
            }
        }

        return null;
    }
}
