<?php

namespace App\Files;

/** Where the interface offers a file. */
enum OfferedAt: string
{
    case AboutKit = 'about';
    case ShareOut = 'share-out';
    case Bags = 'bags';
    case Runs = 'runs';
    case Shopping = 'shopping';
    case Cards = 'cards';
    case Card = 'card';
    case Sheet = 'sheet';
    case Recipe = 'recipe';
    case ForClass = 'class';
}
