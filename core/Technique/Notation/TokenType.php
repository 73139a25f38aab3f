<?php

declare(strict_types=1);

namespace StoneDrill\Core\Technique\Notation;

/** What a token of a line of beats is. */
enum TokenType
{
    case Word;
    case Number;
    case Clock;
    case Count;
    case Quoted;
    case Degree;
    case Comma;
    case Arrow;
    case Colon;
    case Note;
    /** A sign that means nothing here. */
    case Stray;
    case End;
}
