<?php

declare(strict_types=1);

namespace App\Models;

/** What a school is to be asked next while it is set up, in the order in which it is asked. */
enum SetupStep: string
{
    case School = 'school';
    case Doctrine = 'doctrine';
    case Ranks = 'ranks';
    case Contact = 'contact';
    case Curriculum = 'curriculum';
    /** All is asked; the wall tells what to do next until somebody has seen enough of it. */
    case NextSteps = 'next-steps';

    /** @return list<self> those that are asked */
    public static function asked(): array
    {
        return [self::School, self::Doctrine, self::Ranks, self::Contact, self::Curriculum];
    }

    public function isAsked(): bool
    {
        return $this !== self::NextSteps;
    }

    public function number(): int
    {
        return 1 + (int) array_search($this, self::cases(), true);
    }

    public function next(): self
    {
        return self::cases()[$this->number()] ?? self::NextSteps;
    }

    public function previous(): ?self
    {
        return self::cases()[$this->number() - 2] ?? null;
    }

    /** Whether it may be looked at by a school that is to be asked another next: everything up to that. */
    public function isOpenAt(self $next): bool
    {
        return $this->number() <= $next->number();
    }

    /** Where it is asked. */
    public function url(): string
    {
        return route('beginning.'.$this->value);
    }
}
