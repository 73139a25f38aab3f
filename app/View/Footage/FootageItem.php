<?php

declare(strict_types=1);

namespace App\View\Footage;

use App\Models\Footage;
use App\Models\FootageState;

/** A picture or a clip as it is shown. */
final readonly class FootageItem
{
    public function __construct(public Footage $footage) {}

    /** What it shows, in a few words. */
    public function what(): string
    {
        $mistake
            = $this->footage->mistake === '' ? '' : __('footage.mistake-made', ['mistake' => $this->footage->mistake]);

        return implode(': ', array_filter([$mistake, $this->footage->caption]))
            ?: Footage::nameOf($this->footage->of());
    }

    /** The same for whoever does not see it. */
    public function told(): string
    {
        return $this->footage->type->isClip()
            ? __('footage.thumbnail.clip', [
                'what' => $this->what(),
                'seconds' => number_format($this->footage->seconds ?? 0, 1),
            ])
            : __('footage.thumbnail.picture', ['what' => $this->what()]);
    }

    /** Why there is nothing to be seen; empty where there is. */
    public function blank(): string
    {
        return match (true) {
            $this->footage->state === FootageState::Waiting => __('footage.preparing'),
            $this->footage->state === FootageState::Refused => __("footage.refused.{$this->footage->reason}"),
            $this->footage->isWithheld() => __('footage.withheld'),
            default => '',
        };
    }
}
