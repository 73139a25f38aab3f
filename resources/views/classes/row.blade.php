<tr>
    <th scope="row"><a href="{{ route('classes.show', $row) }}">{{ school_time($row->at, 'D j M Y, H:i') }}</a></th>
    <td>{{ $row->place }}</td>
    <td>{{ $row->ranks === [] ? __('classes.everybody') : implode(', ', $row->ranks) }}</td>
    <td>{{ $row->minutes }}</td>
</tr>
