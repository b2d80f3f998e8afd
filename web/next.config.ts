import { fileURLToPath } from "node:url";
import type { NextConfig } from "next";

const config: NextConfig = {
  poweredByHeader: false,
  reactStrictMode: true,
  transpilePackages: ["@elm-basket/core"],
  serverExternalPackages: [
    "@node-rs/argon2",
    "pino",
    "piscina",
    "postgres",
    "prom-client",
    "qrcode",
  ],
  turbopack: {
    root: fileURLToPath(new URL("..", import.meta.url)),
    resolveAlias: { module: { browser: "./workers/no-node.ts" } },
    rules: {
      "**/words.ts": { loaders: ["./build/sections.cjs"], condition: "browser" },
    },
  },
  // Types are a gate of their own, over the whole repository.
  typescript: { ignoreBuildErrors: true },
  // A font of 4 MB, and the form round it.
  experimental: { serverActions: { bodySizeLimit: "5mb" } },
  // Here, because a page that redirects while it loads answers 200 first.
  async redirects() {
    return [
      {
        source: "/classes/:id([0-9a-f]{8}-[0-9a-f-]{27})",
        destination: "/classes/:id/plan",
        permanent: false,
      },
    ];
  },
  async headers() {
    // Scripts have a sign of their own in every answer: proxy.ts.
    return [
      {
        source: "/:path*",
        headers: [
          { key: "X-Content-Type-Options", value: "nosniff" },
          { key: "Referrer-Policy", value: "same-origin" },
          // Pictures are files that are chosen: no page looks, listens or asks where it is.
          {
            key: "Permissions-Policy",
            value:
              "camera=(), microphone=(), geolocation=(), payment=(), usb=(), serial=(), hid=(), midi=()",
          },
          { key: "Cross-Origin-Opener-Policy", value: "same-origin" },
        ],
      },
    ];
  },
};

export default config;
