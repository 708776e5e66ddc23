<?php

/* The places of the work. Those that are stages stand in the head of every page, in this order. */

return [
    App\Shelf\ShelfRoom::class,
    App\Unpack\UnpackRoom::class,
    App\Photographs\PhotographsRoom::class,
    App\Pair\PairRoom::class,
    App\ShareOut\ShareOutRoom::class,
    App\Card\CardRoom::class,
    App\Designs\DesignsRoom::class,
    App\Recipes\RecipesRoom::class,
    App\Cut\CutRoom::class,
    App\Classes\ClassesRoom::class,
    App\Make\MakeRoom::class,
    App\Keep\KeepRoom::class,
    App\Tally\TallyRoom::class,
    App\People\PeopleRoom::class,
    App\Safe\SafeRoom::class,
];
