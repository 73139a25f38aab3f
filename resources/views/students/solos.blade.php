@if ($solos->rows !== [])
<h2>{{ __('solos.title') }}</h2>
<div class="table-wide">
<x-table :head="array_values(texts('solos.student-columns'))">
    @foreach ($solos->rows as $row)
        <tr>
            <th scope="row">@can('mark', $row['solo'])
                <a href="{{ route('basics.student', [$row['solo'], $student]) }}">{{ $row['solo']->name }}</a>
                @else{{ $row['solo']->name }}@endcan</th>
            <td>{{ $row['kind'] }}</td><td>{{ $row['text'] }}</td>
        </tr>
    @endforeach
</x-table>
</div>
@endif
