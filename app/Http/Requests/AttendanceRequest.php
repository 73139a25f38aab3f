<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** Who is marked as here on a page, and who was when it was shown. */
final class AttendanceRequest extends FieldsRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['present' => ['array'], 'present.*' => ['integer'], 'shown' => ['array'], 'shown.*' => ['integer']];
    }

    /** @return list<int> ids of those of the school who are marked now and were not */
    public function came(): array
    {
        return $this->ofSchool(array_diff($this->ids('present'), $this->ids('shown')));
    }

    /** @return list<int> ids of those who were marked and are not any more */
    public function left(): array
    {
        return array_values(array_diff($this->ids('shown'), $this->ids('present')));
    }

    /**
     * @param array<int, int> $ids
     *
     * @return list<int>
     */
    private function ofSchool(array $ids): array
    {
        return array_values(array_map(intval(...), $this->school()->students()->whereKey($ids)->pluck('id')->all()));
    }

    /** @return list<int> */
    private function ids(string $field): array
    {
        return array_values(array_map(intval(...), (array) $this->validated($field, [])));
    }
}
