<?php

declare(strict_types=1);

namespace App\Rules;

use App\Footage\FootageType;
use Closure;
use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Http\UploadedFile;

/** A file that holds a picture or a clip of a kind that is taken, is called what it is, and is not too large. */
final readonly class FootageFile implements ValidationRule
{
    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if (! ($value instanceof UploadedFile)) {
            $fail(__('footage.choose'));

            return;
        }
        $type = FootageType::of($value->path());
        $name = mb_strimwidth($value->getClientOriginalName(), 0, 80, '…');
        match (true) {
            $value->getSize() === 0 => $fail(__('footage.empty', ['name' => $name])),
            $type === null => $fail(
                __('footage.other-type', ['name' => $name, 'found' => FootageType::said($value->path())]),
            ),
            FootageType::promised($value->getClientOriginalName()) !== $type => $fail(
                __('footage.called-otherwise', [
                    'name' => $name,
                    'found' => __("footage.types.{$type->value}"),
                    'ending' => $type->ending(),
                ]),
            ),
            $value->getSize() > $type->mostBytes() => $fail(
                __('footage.too-large', [
                    'name' => $name,
                    'megabytes' => number_format($value->getSize() / 1e6, 1),
                    'most' => $type->mostBytes() / 1_000_000,
                ]),
            ),
            default => null,
        };
    }
}
