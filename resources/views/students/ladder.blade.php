@php($picks = auth()->user()->can('create', App\Models\DrillList::class))
<div class="own-page coming">@include('students.coming')@include('students.moves')</div>
@include('students.rungs')
<p class="form-text no-print"><a href="{{ route('students.ladder.svg', $student) }}" download>{{ __('words.save-svg') }}</a></p>
<details class="mt-2"><summary data-key="t">{{ __('students.ladder.as-table') }}</summary>
<x-table class="mt-2" :head="$rungs->drawing->head()">
    {!! $rungs->drawn('students.rung-rows', ['picks' => $picks]) !!}
</x-table>
@if ($picks)@include('lists.pick', ['lists' => $student->school->drillLists])@endif
</details>
