<?php

declare(strict_types=1);

namespace App\Models\Concerns;

/**
 * Knows of somebody whether anything was asked of them but their school and role: what was made without that is the
 * same for everybody of that school and role.
 */
trait TellsWhatWasAsked
{
    private bool $wasToldApart = false;

    /** Begins anew: nothing was asked yet. */
    public function forgetWhatWasAsked(): void
    {
        $this->wasToldApart = false;
    }

    public function wasToldApart(): bool
    {
        return $this->wasToldApart;
    }

    /**
     * The name as the head of every page has it. Asking for it so tells nobody apart: whoever sends a page to others
     * puts theirs in.
     */
    public function nameInHead(): string
    {
        return (string) $this->attributes['name'];
    }

    /** @param string $key */
    public function getAttribute($key): mixed
    {
        $this->wasToldApart = $this->wasToldApart || ! in_array($key, ['role', 'school', 'school_id'], true);

        return parent::getAttribute($key);
    }

    /** @return array<string, mixed> */
    public function attributesToArray(): array
    {
        $this->wasToldApart = true;

        return parent::attributesToArray();
    }
}
