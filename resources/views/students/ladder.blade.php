@php($drawing = new App\View\Ladder\LadderDrawing($ladder))
@php($picks = auth()->user()->can('create', App\Models\DrillList::class))
<div class="own-page coming">@include('students.coming')@include('students.moves')</div>
@include('students.rungs')
<p class="form-text no-print"><a href="{{ route('students.ladder.svg', $student) }}" download>{{ __('words.save-svg') }}</a></p>
<details class="mt-2"><summary data-key="t">{{ __('students.ladder.as-table') }}</summary>
<x-table class="mt-2" :head="$drawing->head()">
    @foreach ($drawing->families as $family)@foreach ($family['rows'] as $row)
        <tr>
            <th scope="row">@if ($picks)<input type="checkbox" form="pick" name="cells[]"
                value="{{ $row['cell'] }}" aria-label="{{ __('lists.pick-side', ['title' => $row['title']]) }}">@endif
                {{ $row['title'] }}</th>
            <td>{{ $row['state'] }}</td><td>{{ $row['lower'] }}</td><td>{{ $row['tries'] }}</td>
                <td>{{ $row['highest'] }}</td><td>{{ $row['fades'] }}</td>
        </tr>
    @endforeach @endforeach
</x-table>
@if ($picks)@include('lists.pick', ['lists' => $student->school->drillLists])@endif
</details>
