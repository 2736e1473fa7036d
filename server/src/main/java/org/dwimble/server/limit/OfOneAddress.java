package org.dwimble.server.limit;

import java.io.IOException;
import java.net.InetSocketAddress;
import java.nio.channels.SelectableChannel;
import java.nio.channels.SocketChannel;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.eclipse.jetty.io.SelectorManager;

/** So many connections has one address at most; one more is closed as it comes. Made part of a connector, which tells of each. */
final class OfOneAddress implements SelectorManager.AcceptListener {
    private final Map<SelectableChannel, String> addresses = new ConcurrentHashMap<>();
    private final Map<String, Integer> there = new ConcurrentHashMap<>();

    @Override
    public void onAccepting(SelectableChannel channel) {
        try {
            if (channel instanceof SocketChannel socket && socket.getRemoteAddress() instanceof InetSocketAddress from) {
                String address = from.getAddress().getHostAddress();
                addresses.put(channel, address);
                if (there.merge(address, 1, Integer::sum) > Limits.CONNECTIONS_OF_ONE_ADDRESS) {
                    channel.close();
                }
            }
        } catch (IOException gone) {
            onClosed(channel);
        }
    }

    @Override
    public void onAcceptFailed(SelectableChannel channel, Throwable cause) {
        onClosed(channel);
    }

    @Override
    public void onClosed(SelectableChannel channel) {
        String address = addresses.remove(channel);
        if (address != null) {
            there.computeIfPresent(address, (a, n) -> n == 1 ? null : n - 1);
        }
    }
}
