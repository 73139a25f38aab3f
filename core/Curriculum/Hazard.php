<?php

declare(strict_types=1);

namespace StoneDrill\Core\Curriculum;

use StoneDrill\Core\Text;

/** What can hurt a partner. */
enum Hazard: string
{
    case WristLock = 'wrist-lock';
    case ElbowLock = 'elbow-lock';
    case Fingers = 'fingers';
    case Neck = 'neck';
    case Throat = 'throat';
    case Eyes = 'eyes';
    case Spine = 'spine';
    case Knee = 'knee';
    case HeadContact = 'head-contact';
    case Fall = 'fall';
    case GroundImpact = 'ground-impact';
    case Choke = 'choke';
    case Contact = 'contact';

    /** What is done, as part of a sentence. */
    public function text(): Text
    {
        return Text::of("hazards.{$this->value}");
    }
}
