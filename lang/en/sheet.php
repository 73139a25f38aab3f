<?php

declare(strict_types=1);

return [
    'answers' => 'answers :attack',
    'bodies' => ':defender m against :attacker m',
    'cautions' => 'Cautions:',
    'first-cautions' => 'Tap and stop word come before everything. Use mats and pads, and agree on the speed.',
    'floor-at' => 'The floor at beat :beat',
    'heading' => 'Print “:title”',
    'last-cautions' => 'Force must be needed and in proportion; local law and licensed instruction decide. All figures are planning estimates. Not medical or legal advice.',
    'mistakes' => 'Usual mistakes:',
    'pdf' => 'PDF',
    'print' => 'Print this page (Ctrl+P). It fits on one page of :paper.',
    'sheet' => 'Print',
    'failed' => 'The PDF could not be made',
    'failed-help' => 'The log says why. You can try again, or print the page from your browser.',
    'title' => 'Print :title',
    'waiting' => 'Making the PDF …',
    'waiting-help' => 'This takes a moment. It opens by itself.',
];
