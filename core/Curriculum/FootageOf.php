<?php

declare(strict_types=1);

namespace StoneDrill\Core\Curriculum;

/** What a picture or a clip is of. */
enum FootageOf: string
{
    case Attack = 'attack';
    case Answer = 'answer';
    case Basic = 'basic';
    case Form = 'form';
}
