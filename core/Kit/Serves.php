<?php

declare(strict_types=1);

namespace KeepShare\Core\Kit;

/** What a die cut or sticker does on a card. */
enum Serves: string
{
    case Image = 'image';
    case Sentiment = 'sentiment';
    case Tag = 'tag';
    case Frame = 'frame';
    case Border = 'border';
    case Label = 'label';
}
