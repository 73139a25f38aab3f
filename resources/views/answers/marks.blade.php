@foreach ($check->pieces as $piece)<{{ $piece['tag'] }}>{{ $piece['text'] }}</{{ $piece['tag'] }}>@endforeach
