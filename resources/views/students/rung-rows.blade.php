{{-- The same family in a table. --}}
@foreach ($family['rows'] as $row)
    <tr>
        <th scope="row">@if ($picks)<input type="checkbox" form="pick" name="cells[]"
            value="{{ $row['cell'] }}" aria-label="{{ __('lists.pick-side', ['title' => $row['title']]) }}">@endif
            {{ $row['title'] }}</th>
        <td>{{ $row['state'] }}</td><td>{{ $row['lower'] }}</td><td>{{ $row['tries'] }}</td>
            <td>{{ $row['highest'] }}</td><td>{{ $row['fades'] }}</td>
    </tr>
@endforeach
