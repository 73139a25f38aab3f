<?php

declare(strict_types=1);

namespace App\Http\Requests\Account;

use App\Http\Requests\FieldsRequest;
use App\Models\User;
use Closure;

/** The PIN with which somebody records on a bench tablet; an empty one takes it away. */
final class PinRequest extends FieldsRequest
{
    protected $errorBag = 'pin';

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $isPlain = static function (string $field, mixed $value, Closure $fail): void {
            if (is_string($value) && self::isGuessedFirst($value)) {
                $fail(__('account.pin.plain'));
            }
        };

        return [
            'pin_password' => ['required', 'string', 'max:200', 'current_password'],
            'pin' => ['nullable', 'string', 'digits:'.User::PIN, $isPlain],
        ];
    }

    /** One digit six times, or digits in a row: whoever guesses begins with those. */
    private static function isGuessedFirst(string $pin): bool
    {
        return str_contains('0123456789012345 9876543210987654', $pin) || count(array_unique(str_split($pin))) < 3;
    }
}
