<tr>
    <th scope="row"><a href="{{ route('tests.show', $row) }}">{{ school_time($row->at, 'D j M Y, H:i') }}</a></th>
    <td>{{ $row->rank->name }}</td>
    <td>{{ $row->place }}</td>
    <td>{{ $row->candidates_count }}</td>
</tr>
