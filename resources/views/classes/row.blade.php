<tr>
    <th scope="row"><a href="{{ route('classes.show', $row) }}">{{ school_time($row->at, 'D j M Y, H:i') }}</a></th>
    <td>{{ $row->place }}</td>
    <td>{{ $words->text($row) }}</td>
    <td>{{ $row->minutes }}</td>
</tr>
