<div class="columns-2">
@foreach ($trend->sections() as $section)
    <section><h2>{{ $section['title'] }}</h2>
        @if ($section['rows'] === [])
            <p>{{ __('board.mistakes.none', ['weeks' => $trend->weeksInAll()]) }}</p>
        @else
            <x-table :head="$section['head']">
                @foreach ($section['rows'] as $row)
                    <tr>
                        <th scope="row">{{ $row['name'] }}</th>
                        <td>{{ $row['mistake'] }}</td>
                        <td>{{ $row['now'] }} × {{ __('board.mistakes.'.$row['trend']) }}</td>
                        <td>{{ $row['before'] }} ×</td>
                    </tr>
                @endforeach
            </x-table>
        @endif
    </section>
@endforeach
</div>
<p class="form-text">{{ __('board.mistakes.whole') }}</p>
