package org.dwimble.server.limit;

import java.io.IOException;
import java.net.InetSocketAddress;
import java.nio.ByteBuffer;
import java.nio.channels.SocketChannel;
import java.util.HashSet;
import java.util.Set;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.apache.coyote.http11.Http11NioProtocol;
import org.apache.tomcat.util.net.NioChannel;
import org.apache.tomcat.util.net.NioEndpoint;
import org.apache.tomcat.util.net.SocketWrapperBase;

/**
 * HTTP as the container speaks it, with a limit of connections an address and a time within which a request must have said what it wants. Made by the
 * container, by this name.
 */
public final class GuardedProtocol extends Http11NioProtocol {
    private final Guarded endpoint;

    public GuardedProtocol() {
        this(new Guarded(new Connections()));
    }

    private GuardedProtocol(Guarded endpoint) {
        super(endpoint);
        this.endpoint = endpoint;
    }

    Connections connections() {
        return endpoint.connections;
    }

    /**
     * Whether who sent the request that is being answered has closed the connection. Asked by the thread that answers it.
     *
     * @param key as of {@link Connections}
     */
    boolean hasGone(String key) {
        return endpoint.hasGone(key);
    }

    /** Accepts connections, and closes those that do not get to the point. */
    private static final class Guarded extends NioEndpoint {
        /** Nobody sends more than the beginning of a next request before this one is answered. */
        private static final int READ_AHEAD = 1 << 10;

        private final Connections connections;
        private ScheduledExecutorService sweeper;

        Guarded(Connections connections) {
            this.connections = connections;
        }

        @Override
        public void startInternal() throws Exception {
            super.startInternal();
            sweeper = Executors.newSingleThreadScheduledExecutor(work -> {
                Thread thread = new Thread(work, "connections");
                thread.setDaemon(true);
                return thread;
            });
            sweeper.scheduleWithFixedDelay(this::sweep, 1, 1, TimeUnit.SECONDS);
        }

        @Override
        public void stopInternal() {
            if (sweeper != null) {
                sweeper.shutdownNow();
            }
            super.stopInternal();
        }

        @Override
        protected boolean setSocketOptions(SocketChannel socket) {
            try {
                if (!(socket.getRemoteAddress() instanceof InetSocketAddress from)) {
                    return false;
                }
                String address = from.getAddress().getHostAddress();
                long there = getConnections().stream().filter(c -> address.equals(c.getRemoteAddr())).count();
                if (there >= Limits.CONNECTIONS_OF_ONE_ADDRESS) {
                    // It is known nowhere yet, so the container would not close it.
                    destroySocket(socket);
                    return true;
                }
                connections.opened(address, from.getPort(), System.currentTimeMillis());
            } catch (IOException gone) {
                return false;
            }
            return super.setSocketOptions(socket);
        }

        /**
         * What is read ahead to find out is given back; who has sent a next request already is there. Not known of what is encrypted here: it
         * cannot be given back.
         */
        private boolean hasGone(String key) {
            if (isSSLEnabled()) {
                return false;
            }
            ByteBuffer ahead = ByteBuffer.allocate(READ_AHEAD);
            for (SocketWrapperBase<NioChannel> connection : getConnections()) {
                if (!key.equals(Connections.key(connection.getRemoteAddr(), connection.getRemotePort()))) {
                    continue;
                }
                NioChannel socket = connection.getSocket();
                if (connection.isClosed()) {
                    return true;
                }
                if (!socket.getBufHandler().isReadBufferEmpty()) {
                    return false;
                }
                try {
                    boolean end = socket.getIOChannel().read(ahead) < 0;
                    connection.unRead(ahead.flip());
                    return end;
                } catch (IOException gone) {
                    return true;
                }
            }
            return true;
        }

        private void sweep() {
            long now = System.currentTimeMillis();
            Set<String> there = new HashSet<>();
            for (SocketWrapperBase<NioChannel> connection : getConnections()) {
                String key = Connections.key(connection.getRemoteAddr(), connection.getRemotePort());
                there.add(key);
                long read = connection instanceof NioSocketWrapper nio ? nio.getLastRead() : 0;
                if (connections.tooSlow(key, read, now)) {
                    connection.close();
                }
            }
            connections.keepOnly(there);
        }
    }
}
