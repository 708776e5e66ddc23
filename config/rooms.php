<?php

/* The places of the work. Those that are stages stand in the head of every page, in this order. */

return [
    App\Http\Stages\ShelfRoom::class,
    App\Http\Stages\UnpackRoom::class,
    App\Http\Stages\PhotographsRoom::class,
    App\Http\Stages\PairRoom::class,
    App\Http\Stages\ShareOutRoom::class,
    App\Http\Stages\CardRoom::class,
    App\Http\Stages\DesignsRoom::class,
    App\Http\Stages\RecipesRoom::class,
    App\Http\Stages\CutRoom::class,
    App\Http\Stages\ClassesRoom::class,
    App\Http\Stages\MakeRoom::class,
    App\Http\Stages\KeepRoom::class,
    App\Http\Stages\TallyRoom::class,
    App\Http\Stages\PeopleRoom::class,
    App\Http\Stages\SafeRoom::class,
];
