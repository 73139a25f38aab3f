<?php

declare(strict_types=1);

namespace App\View\Home;

/** How a week's practice looks on paper. */
final class HomePaper
{
    public const STYLE = '@page { margin: 14mm; } body { font-size: 12pt; } h1 { font-size: 18pt; margin: 0 0 4pt; } h2 { font-size: 13pt; margin: 10pt 0 2pt; } ol { font-size: 14pt; margin: 0; } p { font-size: 9pt; margin: 2pt 0; }';
}
